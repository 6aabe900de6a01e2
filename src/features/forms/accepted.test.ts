import fc from 'fast-check';
import { parseEntry, type Act, type Entry } from '@/core/journal/entry';
import { lotOf } from '@/core/journal/household';
import { measurable } from '@/core/journal/entries/measured/schema';
import { nextId } from '@/core/journal/instant-id';
import { journalOf } from '@/core/journal/journal';
import type { MeasuredQuantity } from '@/core/lots/lot';
import { levelMl } from '@/core/matter/contents';
import { waysToBegin } from '@/core/cultures/guides/registry';
import { withAmount } from '@/core/brew/composition';
import { whens } from '@/core/lots/records/method';
import { isPoured } from '@/core/matter/portion';
import { ingredientIds } from '@/core/matter/ingredients/registry';
import { bottleIds } from '@/core/vessels/vessel-kinds';
import { beginningOf } from '../brews/worktop/state/start-brew';
import { emptyWorktop } from '../brews/worktop/state/lay-out';
import { planned } from '../brews/worktop/state/worktop-plan';
import { readAmend, amendDefaults } from '../lots/amend-form';
import { readMeasured } from '../lots/measure-form';
import { readPour, type PourValues } from '../lots/pour-form';
import { readBegin, type BeginValues } from '../starters/begin/begin-form';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';

const dawn = Date.UTC(2026, 2, 1, 8);
const stamped = (act: Act, hour: number): Entry =>
  ({
    ...act,
    id: nextId({ ms: 0, count: 0 }, dawn + hour * hourMs, 'form').id,
    at: dawn + hour * hourMs,
    offset: 60,
    version: 2,
  }) as Entry;

/** Written down, read back from text by the schema, and told: what a reload does. */
function reloaded(entries: readonly Entry[]) {
  const back = entries.map((entry) => {
    const parsed = parseEntry(JSON.parse(JSON.stringify(entry)));
    if (!parsed.ok) throw new Error(`${entry.kind} is refused after a reload: ${parsed.code}`);
    return parsed.value;
  });
  expect(back).toEqual(JSON.parse(JSON.stringify(entries)));
  return journalOf(back, dawn + 1e10).household;
}

const bug = stamped(
  {
    kind: 'lot-begun',
    role: 'starter',
    name: 'Bug',
    vessel: { kind: 'jar', ml: 1000 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
    portions: [
      { what: 'water', ml: 500 },
      { what: 'white-sugar', grams: 40 },
      { what: 'ginger', grams: 40 },
    ],
  },
  0,
);
const jar = stamped(
  {
    kind: 'lot-begun',
    role: 'brew',
    name: 'Jar',
    vessel: { kind: 'jar', ml: 3000 },
    closure: 'airlock',
    place: 'counter',
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5 },
    portions: [
      { what: 'water', ml: 2000 },
      { what: 'white-sugar', grams: 160 },
      { what: 'ginger', grams: 60 },
    ],
  },
  1,
);
const kitchen = journalOf([bug, jar], dawn + 1e10).household;
const bugLot = lotOf(kitchen, bug.id)!;
const jarLot = lotOf(kitchen, jar.id)!;

/** Amounts as hands type them: sensible, wild, in words, empty. */
const number = fc.oneof(
  fc.integer({ min: 0, max: 5000 }).map(String),
  fc.double({ min: 0, max: 3000, noNaN: true }).map((value) => value.toFixed(2)),
  fc.constantFrom('1/2', '1 1/2', '½', '2¾', '1,000', '0x10', '-3', '1e9', '٣', '12', '.5', 'some', ''),
);
const unit = fc.constantFrom('', ' ml', ' l', ' g', ' kg', ' tbsp', ' tsp', ' cups', ' dl', ' drops');
const amount = fc.tuple(number, unit).map(([n, u]) => (n === '' ? '' : n + u));
const name = fc.oneof(
  fc.string({ maxLength: 100, unit: 'binary' }),
  fc.constantFrom('Bug', '\u200b\u2060', ' ', 'N'.repeat(80), 'N'.repeat(81), '<b>'),
);
const small = fc.constantFrom('1 dl', '200 ml', '20 g', '1 1/2 tbsp', '2 tsp', '50 g');
const rows = fc.array(
  fc.record({ what: fc.constantFrom(...ingredientIds), amount: fc.oneof(small, small, small, amount) }),
  { maxLength: 4 },
);
const count = fc.constantFrom('1', '4', '6', '0', '61', '2.5', 'two');

const ways = waysToBegin.filter(({ way }) => way.makes !== 'part');

describe('whatever a form accepts is taken by the journal, and is there after a reload', () => {
  test('a starter', () => {
    let taken = 0;
    const values = fc.record<BeginValues>({
      way: fc.constantFrom(...ways.map(({ way }) => way.id)),
      name,
      jar: fc.oneof(fc.constantFrom('1 L', '2 L'), amount),
      portions: rows as fc.Arbitrary<BeginValues['portions']>,
    });
    fc.assert(
      fc.property(values, (typed) => {
        const read = readBegin(typed);
        if (!read.ok) return void expect(Object.values(read.faults).join('')).toMatch(/\p{L}/u);
        taken += 1;
        const { name, jarMl, portions } = read.value;
        const { way, culture } = ways.find((each) => each.way.id === typed.way)!;
        const packet = way.makes === 'packet';
        const entry = stamped(
          {
            kind: 'lot-begun',
            role: 'starter',
            name,
            vessel: { kind: packet ? 'packet' : 'jar', ml: jarMl },
            closure: 'cloth',
            place: 'counter',
            culture: culture.id,
            portions,
          },
          2,
        );
        const lot = lotOf(reloaded([entry]), entry.id)!;
        expect(levelMl(lot.contents)).toBeGreaterThanOrEqual(packet ? 0.2 : 20);
        expect(levelMl(lot.contents)).toBeLessThanOrEqual(jarMl);
      }),
      { numRuns: 1500 },
    );
    expect(taken).toBeGreaterThan(50);
  });

  test('a brew of the worktop, drawn from a jar, packed or bare, mixed or step by step', () => {
    let taken = 0;
    const rowsOf = fc.array(
      fc.record({
        portion: fc
          .tuple(fc.constantFrom(...ingredientIds), fc.double({ min: 0.001, max: 3000, noNaN: true }))
          .map(([what, size]) => withAmount(isPoured(what) ? { what, ml: 0 } : { what, grams: 0 }, size)),
        when: fc.constantFrom(...whens),
      }),
      { maxLength: 6 },
    );
    const states = fc.record({
      ml: fc.double({ min: 100, max: 50_000, noNaN: true }),
      rows: rowsOf,
      dose: fc.constantFrom(0, 1, 5, 80, 200, 255),
      life: fc.constantFrom(bugLot.id, 'portion', 'bare', 'nothing'),
      jarMl: fc.constantFrom(null, 300, 4000),
    });
    fc.assert(
      fc.property(states, fc.constantFrom('mixed', 'steps'), ({ ml, rows, dose, life, jarMl }, how) => {
        const state = {
          ...emptyWorktop([bugLot], 22),
          name: 'Soda',
          composition: { ml, rows, dose },
          life,
          jarMl,
        };
        const read = planned(state, [bugLot]);
        if (!read.ok) return;
        const begun = beginningOf(state, read.value, how as 'mixed' | 'steps');
        if (!begun.ok) return;
        taken += 1;
        const mixed = stamped(begun.value, 3);
        const lot = lotOf(reloaded([mixed]), mixed.id)!;
        const { life: living } = read.value;
        expect(lot.lostMl).toBe(0);
        if (living.kind === 'lot') expect(living.ml).toBeGreaterThanOrEqual(5);
      }),
      { numRuns: 1500 },
    );
    expect(taken).toBeGreaterThan(50);
  });

  test('a pouring', () => {
    let taken = 0;
    const values = fc.record<PourValues>({
      taken: fc.constantFrom('liquid', 'everything', 'solids', 'sediment'),
      where: fc.constantFrom('bottles', 'lot', 'jar', 'away'),
      amount: fc.oneof(fc.constantFrom('', '100 ml', '30 g'), amount),
      vessel: fc.constantFrom(...bottleIds),
      count,
      size: fc.constantFrom('500 ml', '330', '50', '5 L', '49 ml'),
      headspace: fc.constantFrom('', '20', '0', '5 ml', '300 ml'),
      dose: fc.oneof(fc.constantFrom('', '2 g', '0', '½ tsp', '1 kg'), amount),
      doseOf: fc.constantFrom('white-sugar', 'honey', 'lemon-juice'),
      lotId: fc.constantFrom('', jarLot.id),
      celsius: fc.constantFrom('', '22', '45', '101', 'warm'),
      name,
      jar: fc.oneof(fc.constantFrom('1 L', '5 ml', '60 L'), amount),
      role: fc.constantFrom('brew', 'starter'),
    });
    fc.assert(
      fc.property(values, fc.boolean(), (typed, fromBug) => {
        const lot = fromBug ? bugLot : jarLot;
        const read = readPour(typed, lot, 3);
        if (!read.ok) return;
        taken += 1;
        const entry = stamped({ kind: 'transferred', ...read.value } as Act, 4);
        const before = levelMl(lot.contents);
        const household = reloaded([bug, jar, entry]);
        expect(levelMl(lotOf(household, lot.id)!.contents)).toBeLessThanOrEqual(before + 1e-6 + 2000);
      }),
      { numRuns: 1500 },
    );
    expect(taken).toBeGreaterThan(100);
  });

  test('a correction of amounts', () => {
    let taken = 0;
    fc.assert(
      fc.property(rows, name, (portions, note) => {
        const read = readAmend({ ...amendDefaults(jar), portions: partOf(portions), note }, jar);
        if (!read.ok || Object.keys(read.value).length === 0) return;
        const correction = stamped({ kind: 'amended', targetId: jar.id, patch: read.value } as Act, 5);
        if (!parseEntry(correction).ok) throw new Error(`refused: ${JSON.stringify(read.value)}`);
        taken += 1;
        reloaded([jar, correction]);
      }),
      { numRuns: 500 },
    );
    expect(taken).toBeGreaterThan(100);
  });

  test('a measured value', () => {
    for (const quantity of Object.keys(measurable) as MeasuredQuantity[])
      for (const text of ['1.034', '1034', '3,4', '0', '-5', '1e3', '22', '4.5', '９', '']) {
        const read = readMeasured(quantity, text);
        if (!read.ok) continue;
        reloaded([jar, stamped({ kind: 'measured', lotId: jar.id, quantity, value: read.value } as Act, 6)]);
      }
  });
});

describe('what a form refuses', () => {
  const starter: BeginValues = {
    way: 'ginger-bug',
    name: 'Bug',
    jar: '750 ml',
    portions: [
      { what: 'water', amount: '4 dl' },
      { what: 'white-sugar', amount: '30 g' },
    ],
  };
  const faultsOf = (typed: BeginValues) => {
    const read = readBegin(typed);
    return read.ok ? {} : read.faults;
  };

  test('a jar that would foam over, an empty one, and a name nobody can see', () => {
    expect(readBegin(starter).ok).toBe(true);
    const heaped = [starter.portions[0]!, { what: 'white-sugar', amount: '1.5 kg' }];
    expect(faultsOf({ ...starter, portions: heaped }).root).toMatch(/foams over/);
    expect(faultsOf({ ...starter, name: '\u200b\u2060' }).name).toBe('Give it a name.');
    expect(faultsOf({ ...starter, name: 'N'.repeat(81) }).name).toBe('At most 80 letters.');
    expect(faultsOf({ ...starter, portions: [{ what: 'water', amount: '' }] })['portions.0.amount']).toMatch(
      /Write an amount/,
    );
  });
});
