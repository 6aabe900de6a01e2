import fc from 'fast-check';
import { example as amended } from './entries/amended/schema';
import { example as closed } from './entries/closed/schema';
import { example as ended } from './entries/ended/schema';
import { example as kept } from './entries/kept/schema';
import { example as lotBegun } from './entries/lot-begun/schema';
import { example as measured } from './entries/measured/schema';
import { example as moved } from './entries/moved/schema';
import { example as noted } from './entries/noted/schema';
import { example as observed } from './entries/observed/schema';
import { example as opened } from './entries/opened/schema';
import { example as pictured } from './entries/pictured/schema';
import { example as portionsAdded } from './entries/portions-added/schema';
import { example as stepTaken } from './entries/step-taken/schema';
import { example as stirred } from './entries/stirred/schema';
import { example as tasted } from './entries/tasted/schema';
import { example as temperatureSet } from './entries/temperature-set/schema';
import { example as transferred } from './entries/transferred/schema';
import { example as undone } from './entries/undone/schema';
import { example as vented } from './entries/vented/schema';
import { entryKinds, parseEntry, type Entry } from './entry';
import { readEntries } from './migrate/read-entries';
import { subjectsOf } from './apply-entry';

const examples: readonly Entry[] = [
  amended,
  closed,
  ended,
  kept,
  lotBegun,
  measured,
  moved,
  noted,
  observed,
  opened,
  pictured,
  portionsAdded,
  stepTaken,
  stirred,
  tasted,
  temperatureSet,
  transferred,
  undone,
  vented,
];

describe('every kind of entry', () => {
  test('has an example, and there is one for every kind', () => {
    const kinds = [...entryKinds].sort();
    expect(examples.map(({ kind }) => kind).sort()).toEqual(kinds);
  });

  test.each(examples.map((example) => [example.kind, example] as const))(
    '%s parses, survives JSON, and is strict',
    (_, example) => {
      expect(parseEntry(JSON.parse(JSON.stringify(example)))).toEqual({ ok: true, value: example });
      expect(parseEntry({ ...example, extra: true })).toMatchObject({ code: 'entry.invalid' });
      expect(parseEntry({ ...example, version: 4 })).toMatchObject({ code: 'entry.newer' });
      expect(parseEntry({ ...example, at: 5 })).toMatchObject({ code: 'entry.invalid' });
      expect(parseEntry({ ...example, id: '../../etc' })).toMatchObject({ code: 'entry.invalid' });
      expect(parseEntry({ ...example, id: 'zzzzzzzzz0000zzzz' })).toMatchObject({ code: 'entry.invalid' });
      expect(Array.isArray(subjectsOf(example))).toBe(true);
    },
  );

  test.each([
    [
      'a bottle that holds less than its headspace',
      { ...transferred, targets: [{ ...transferred.targets[0]!, ml: 500 }] },
    ],
    ['a transfer into itself', { ...transferred, targets: [{ lotId: transferred.from, ml: 5 }] }],
    ['a transfer of nothing', { ...transferred, targets: [{ ml: 0 }] }],
    ['a kitchen of 60 °C', { ...temperatureSet, celsius: 60 }],
    ['a jar of nothing', { ...lotBegun, portions: [] }],
    ['a jar of 0 ml of water', { ...lotBegun, portions: [{ what: 'water', ml: 0 }] }],
    ['a jar that does not hold it', { ...lotBegun, vessel: { kind: 'jar', ml: 300 } }],
    ['a feed of nothing', { ...portionsAdded, portions: [{ what: 'ginger', grams: 0 }] }],
    ['grams and millilitres at once', { ...portionsAdded, portions: [{ what: 'ginger', grams: 3, ml: 3 }] }],
    ['a name of invisible characters', { ...lotBegun, name: '\u200b\u200d' }],
    ['a name of 81 letters', { ...lotBegun, name: 'x'.repeat(81) }],
    ['a gravity of 2', { ...measured, value: 2 }],
    ['a look at nothing', { ...observed, signs: {} }],
    ['a taste of nothing', { ...tasted, sweet: undefined, sour: undefined }],
    ['a correction of an id', { ...amended, patch: { id: 'x' } }],
  ])('%s is refused', (_, raw) =>
    expect(parseEntry(JSON.parse(JSON.stringify(raw)))).toMatchObject({ ok: false, code: 'entry.invalid' }),
  );

  test('a name of 80 letters, of any alphabet, is a name', () => {
    for (const name of ['x'.repeat(80), 'Квас', '生姜', '🫚 1', '<b>'])
      expect(parseEntry({ ...lotBegun, name }).ok).toBe(true);
  });

  test('whatever JSON comes, reading answers each by itself and never throws', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom(...examples), fc.string(), (junk, example, key) => {
        const results = readEntries([junk, { ...example, [key]: junk }, example]);
        expect(results).toHaveLength(3);
        expect(results[2]!.ok).toBe(true);
        for (const result of results) if (!result.ok) expect(result.code).toMatch(/^entry\./);
      }),
      { seed: 51, numRuns: 300 },
    );
  });
});
