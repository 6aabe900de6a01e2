import { parseEntry, versionOf } from './entry';
import { exampleStamp as stamp, exampleSubject as lotId } from './entries/base';
import { nextId } from './instant-id';

/** An entry with one field at the path set to a value: read, or where it is at fault and why. */
function read(entry: object, path: string, value: unknown): string | true {
  const copy = structuredClone({
    ...stamp,
    version: versionOf('kind' in entry ? entry.kind : null),
    ...entry,
  }) as Record<string, unknown>;
  const keys = path.split('.');
  let at = copy;
  for (const key of keys.slice(0, -1)) at = at[key] as Record<string, unknown>;
  if (value === undefined) delete at[keys.at(-1)!];
  else at[keys.at(-1)!] = value;
  const parsed = parseEntry(copy);
  if (parsed.ok) return true;
  return parsed.code === 'entry.invalid' ? `${parsed.params.path}: ${parsed.params.why}` : parsed.code;
}

const measured = { kind: 'measured', lotId, quantity: 'sg', value: 1.03 };
const fed = { kind: 'portions-added', lotId, portions: [{ what: 'ginger', grams: 12 }] };
const warmed = { kind: 'temperature-set', place: 'counter', celsius: 21 };
const tasted = { kind: 'tasted', lotId, sweet: 3 };
const begun = {
  kind: 'lot-begun',
  role: 'brew',
  name: 'Plum',
  vessel: { kind: 'jar', ml: 2000 },
  closure: 'airlock',
  place: 'counter',
  recipe: { base: 'fruit', wantedVolumes: 2.5 },
  portions: [{ what: 'water', ml: 1000 }],
};
const bottled = {
  kind: 'transferred',
  from: lotId,
  taken: 'liquid',
  targets: [
    {
      begin: {
        role: 'bottle',
        name: '1',
        vessel: { kind: 'swing-top', ml: 500 },
        closure: 'sealed',
        place: 'counter',
      },
      ml: 480,
    },
  ],
};

// What an entry may hold, at both edges: the last value that is taken and the first that is not.
test.each([
  ['a gravity', { ...measured, quantity: 'sg' }, 'value', [0.98, 1.2], [0.9799, 1.2001]],
  ['a °Brix', { ...measured, quantity: 'brix' }, 'value', [0, 45], [-0.1, 45.1]],
  ['a pH', { ...measured, quantity: 'ph' }, 'value', [1.5, 9], [1.49, 9.01]],
  ['a temperature of a liquid', { ...measured, quantity: 'celsius' }, 'value', [-5, 100], [-5.1, 100.1]],
  ['a gauge', { ...measured, quantity: 'gaugeBar' }, 'value', [-0.5, 12], [-0.51, 12.1]],
  ['a weight', { ...measured, quantity: 'grams' }, 'value', [0, 100_000], [-1, 100_001]],
  ['a volume', { ...measured, quantity: 'ml' }, 'value', [0, 100_000], [-1, 100_001]],
  ['an error', measured, 'error', [0, 1000, undefined], [-0.1, 1001]],
  ['a quantity', measured, 'quantity', ['sg'], ['weight', '']],
  ['grams', fed, 'portions.0.grams', [0.001, 100_000], [-1, 100_001, NaN, '12']],
  [
    'an ingredient',
    fed,
    'portions.0.what',
    ['a1', 'x'.repeat(41)],
    ['a', '1a', 'A1', 'x'.repeat(42), '../x'],
  ],
  ['what was typed', fed, 'portions.0.typed', ['½ cup', 'x'.repeat(80)], ['x'.repeat(81)]],
  ['a form', fed, 'portions.0.form', ['grated', undefined], ['minced']],
  ['a pour’s warmth', fed, 'celsius', [-5, 100], [-6, 101]],
  ['a kitchen', warmed, 'celsius', [-5, 45], [-5.1, 45.1]],
  ['day and night', warmed, 'swing', [0, 15, undefined], [-1, 15.1]],
  ['a place', warmed, 'place', ['fridge', 'cooler-box'], ['garage']],
  ['a score', tasted, 'sweet', [1, 5], [0, 6, 2.5]],
  ['a name', begun, 'name', ['P', 'x'.repeat(80), '  Plum  '], ['', '   ', 'x'.repeat(81), '\u200b']],
  ['a vessel', begun, 'vessel.ml', [2000, 200_000], [19, 900, 200_001]],
  ['a kind of vessel', begun, 'vessel.kind', ['crock', 'bowl'], ['bucket']],
  ['a role', begun, 'role', ['starter', 'brew', 'bottle'], ['jar']],
  ['the fizz wanted', begun, 'recipe.wantedVolumes', [0, 6], [-0.1, 6.1]],
  ['a base', begun, 'recipe.base', ['syrup', 'juice', 'peel'], ['beer']],
  ['a culture', begun, 'culture', ['whey', null, undefined], ['yoghurt']],
  ['what is in it', begun, 'portions.0.ml', [5.1, 2000], [4.9, 2001, 0]],
  ['a note', begun, 'note', ['', 'x'.repeat(2000), undefined], ['x'.repeat(2001)]],
  ['who', begun, 'by', ['Ida', 'x'.repeat(80)], ['', 'x'.repeat(81)]],
  ['with what', begun, 'with', ['scale'], ['', 'x'.repeat(81)]],
  [
    'an instant',
    begun,
    'at',
    [946_684_800_000, 4_102_444_800_000],
    [946_684_799_999, 4_102_444_800_001, 0.5],
  ],
  ['an offset', begun, 'offset', [-840, 0, 840], [-841, 841, 0.5]],
  ['a version', begun, 'version', [2], [1, '2', null]],
  ['a fill of a sealed half litre', bottled, 'targets.0.ml', [0.1, 497.5], [0, 497.6, 501]],
  [
    'a fill of an open one',
    {
      ...bottled,
      targets: [{ ...bottled.targets[0], begin: { ...bottled.targets[0]!.begin, closure: 'cloth' } }],
    },
    'targets.0.ml',
    [500],
    [500.1],
  ],
  ['how it is strained', bottled, 'strained', ['no', 'cloth', undefined], ['sieve']],
  ['what is taken', bottled, 'taken', ['liquid', 'sediment', 'solids', 'everything'], ['foam']],
  [
    'how many bottles',
    bottled,
    'targets',
    [[{ ml: 1 }], Array(60).fill({ ml: 1 })],
    [[], Array(61).fill({ ml: 1 })],
  ],
  ['one way only', bottled, 'targets.0.lotId', [undefined], [lotId, `${lotId}-1`]],
  [
    'lots moved',
    { kind: 'moved', lots: [lotId], place: 'fridge' },
    'lots',
    [[lotId], [`${lotId}-12`], Array(200).fill(lotId)],
    [[], ['x'], [`${lotId}-1234`], Array(201).fill(lotId)],
  ],
  [
    'an ending',
    { kind: 'ended', lots: [lotId], how: 'drunk', why: '' },
    'how',
    ['drunk', 'discarded', 'given', 'dried', 'eaten', 'lost'],
    ['sold'],
  ],
  [
    'why it ended',
    { kind: 'ended', lots: [lotId], how: 'drunk', why: '' },
    'why',
    ['x'.repeat(500)],
    ['x'.repeat(501), undefined],
  ],
  [
    'an opening',
    { kind: 'opened', lotId, how: 'lively' },
    'how',
    ['still', 'gentle', 'lively', 'gusher'],
    ['loud'],
  ],
  ['what was lost', { kind: 'opened', lotId, how: 'gusher' }, 'lostMl', [0, 300, undefined], [-1]],
  [
    'a note of its own',
    { kind: 'noted', lotId: null, text: 'x' },
    'text',
    ['x', 'x'.repeat(2000)],
    ['', 'x'.repeat(2001)],
  ],
  [
    'a step',
    { kind: 'step-taken', lotId, step: 'strain', done: true },
    'step',
    ['s', 'x'.repeat(80)],
    ['', 'x'.repeat(81)],
  ],
  [
    'a picture',
    { kind: 'pictured', lotId, sha256: '0'.repeat(64) },
    'sha256',
    ['a'.repeat(64)],
    ['A'.repeat(64), '0'.repeat(63)],
  ],
  [
    'a thing kept',
    { kind: 'kept', thing: 'person', key: 'ida', value: { name: 'Ida', stopsAt: null } },
    'thing',
    ['person'],
    ['stock', 'secret'],
  ],
  [
    'its key',
    { kind: 'kept', thing: 'person', key: 'ida', value: null },
    'key',
    ['i', 'x'.repeat(80)],
    ['', 'x'.repeat(81)],
  ],
  [
    'its value',
    { kind: 'kept', thing: 'person', key: 'ida', value: null },
    'value',
    [null, { name: 'Ida', stopsAt: 30 }],
    [{ name: 'Ida' }, { name: 'x'.repeat(81), stopsAt: null }, { name: 'Ida', stopsAt: null, a: 1 }, 5],
  ],
  [
    'a correction',
    { kind: 'amended', targetId: stamp.id, patch: { note: 'x' } },
    'patch',
    [{ at: 5 }],
    [{}, { id: 1 }, { kind: 'x' }, { version: 2 }],
  ],
] as const)('%s: what is taken, and what is not', (_, entry, path, taken, refused) => {
  expect(taken.map((value) => read(entry, path, value))).toEqual(taken.map(() => true));
  for (const value of refused)
    expect([value, read(entry, path, value)]).toEqual([value, expect.stringMatching(/^\w*[.\w]*: ./)]);
});

test('a refusal names the place and says what would do', () => {
  expect(read(measured, 'value', 2)).toBe('value: Between 0.98 and 1.2');
  expect(read(begun, 'portions.0.ml', 2001)).toBe(
    'portions: That makes 2001 ml; a 2000 ml vessel does not hold it',
  );
  expect(read(begun, 'portions.0.ml', 4)).toBe('portions: That is hardly anything: at least 5 ml');
  expect(read(begun, 'name', ' ')).toBe('name: Give it a name');
  expect(read(begun, 'version', 3)).toBe('entry.newer');
  expect(read(bottled, 'targets.0.ml', 499)).toContain('Leave at least half a percent empty');
  expect(parseEntry(null)).toMatchObject({ code: 'entry.invalid' });
});

test('an id of the end of 2098 is taken, one after it is not', () => {
  const idAt = (ms: number) => nextId({ ms: 0, count: 0 }, ms, 'last').id;
  expect(read(begun, 'id', idAt(4_070_822_400_000))).toBe(true);
  expect(read(begun, 'id', idAt(4_070_822_400_001))).toContain('2099 or later');
});
