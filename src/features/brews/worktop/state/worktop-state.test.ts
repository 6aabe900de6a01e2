import { refusalWords } from '@/words/refusals';
import { renewalOf } from '@/core/starter/renewal';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { library } from '@/core/recipes/library/registry';
import { recipeOfWorktop } from './recipe-of-worktop';
import { scaled } from './scale-typed';
import { beginningOf } from './start-brew';
import { baseIn, planned, unpitched } from './worktop-plan';
import { emptyWorktop, fromKefir, isUntouched, laidOut, withSent } from './lay-out';
import { grainsOf, lifeOf, lotOfLife } from './worktop-life';
import { withDose, withLife, withList, withMl, withPortions, withRow } from './worktop-turns';
import type { WorktopState } from './worktop-state';

const begunAs = (...asked: Parameters<typeof beginningOf>) => {
  const begun = beginningOf(...asked);
  if (!begun.ok) throw new Error(begun.code);
  return begun.value;
};

const jar = (culture: string, portions: Parameters<typeof addPortions>[1], id: string) =>
  addPortions(
    emptyLot(id, 0, {
      role: 'starter',
      name: 'Nib',
      vessel: { kind: 'jar', ml: 1500 },
      closure: 'cloth',
      place: 'counter',
      culture,
    }),
    portions,
    { at: 0, entryId: 'x' },
  );
const bug = jar(
  'ginger-bug',
  [
    { what: 'water', ml: 400 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ],
  '0mi81234000000ab1',
);
const grains = jar(
  'water-kefir-grains',
  [
    { what: 'water', ml: 1000 },
    { what: 'kefir-grains', grams: 80 },
    { what: 'white-sugar', grams: 60 },
  ],
  '0mi81234000000ab2',
);
const lots = [bug, grains];
const empty = emptyWorktop(lots, 22);
const rowOf = ({ composition }: WorktopState, what: string) =>
  composition.rows.find(({ portion }) => portion.what === what)?.portion;
const sentence = (state: WorktopState) => {
  const read = planned(state, lots);
  return read.ok ? 'planned' : refusalWords(read);
};

test('an empty worktop holds two litres at 80 g/L with the usual dose, and works out', () => {
  const read = planned(empty, lots);
  if (!read.ok) throw new Error(read.code);
  const { account } = read.value.plan.brew;
  expect(account.totalGramsPerLitre).toBeCloseTo((159.84 + 0.16 * 12 + 60 * 0.017 * 0.3) / 2, 0);
  expect([empty.composition.ml, empty.composition.dose, empty.life]).toEqual([2000, 160, bug.id]);
  expect(baseIn(empty)).toBe('ginger-tea');
});

test('brewed from kefir, the finished kefir is the base and a tenth is juice', () => {
  // 1,000 ml of water and 60 g of sugar over 80 g of grains, marked at its level; the rest of its liquid may go.
  const state = fromKefir(grains, lots, 22)!;
  const { strainMl } = renewalOf(grains)!;
  expect(state.composition.dose).toBe(strainMl);
  const juice = rowOf(state, 'pear-juice')!.ml!;
  expect(juice / (strainMl + juice)).toBeCloseTo(0.1, 2);
  expect(state.composition.ml - strainMl - juice).toBeLessThanOrEqual(1);
  const read = planned(state, lots);
  expect(read.ok ? Math.round(read.value.plan.brew.waterMl) : read.code).toBe(0);
  expect(sentence(state)).toBe('planned');
  expect(fromKefir(bug, lots, 22)).toBeNull();
});

test('the dose follows the litres until it is typed; at 1.5 L it is 120 ml', () => {
  const smaller = withMl(empty, 1500, 'amounts', { lots, celsius: 22 });
  expect([smaller.composition.dose, smaller.followed]).toEqual([120, ['water', 'dose']]);
  expect(rowOf(smaller, 'white-sugar')!.grams).toBe(160);
  const typed = withDose(empty, 100, 'litres');
  expect(withMl(typed, 1500, 'amounts', { lots, celsius: 22 }).composition.dose).toBe(100);
  const all = withMl(empty, 1000, 'proportions', { lots, celsius: 22 });
  expect([all.composition.dose, rowOf(all, 'white-sugar')!.grams]).toEqual([80, 80]);
});

test('what is typed at a row stays word for word while it stands', () => {
  const typed = withRow(empty, 0, { amount: 170, typed: '2 cups' }, 'litres');
  expect(rowOf(typed, 'white-sugar')).toEqual({ what: 'white-sugar', grams: 170, typed: '2 cups' });
  const begun = planned(typed, lots);
  if (!begun.ok) throw new Error(begun.code);
  const entry = begunAs({ ...typed, name: ' Two cups ' }, begun.value, 'mixed');
  expect(entry.portions).toContainEqual({ what: 'white-sugar', grams: 170, typed: '2 cups' });
  expect(entry).toMatchObject({
    name: 'Two cups',
    closure: 'airlock',
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5, planned: { lotId: bug.id, ml: 160 } },
  });
});

test('a recipe whose starter is not here is worked out all the same, and says what it wants', () => {
  const plum = laidOut(
    library.find(({ id }) => id === 'plum-fig-leaf')!,
    3000,
    [],
    22,
  );
  expect(sentence(plum)).toMatch(/^Brewed with ginger bug, and none lives here yet/);
  // 46 g of sugar, 433 g of plums (9.8 %, of which 0.7 go over), lemon: 75.9 g/L without the bug’s own.
  expect(unpitched(plum)!.plan.brew.account.totalGramsPerLitre).toBeCloseTo(
    46 * 0.999 + 433 * 0.0686 + 0.15,
    0,
  );
});

test('life: a jar, its grains, a packet among the rows, nothing at all', () => {
  expect(lotOfLife(grainsOf(grains), lots)).toEqual({ lot: grains, grains: true });
  const onGrains = withLife(empty, grainsOf(grains), lots, 22);
  expect(onGrains.composition.dose).toBeCloseTo(80, 6);
  expect(lifeOf(onGrains, lots)).toMatchObject({ ok: true, value: { kind: 'packet', grams: 80 } });
  expect(sentence({ ...onGrains, composition: { ...onGrains.composition, dose: 90 } })).toBe(
    'There are 80 g left in Nib.',
  );
  expect(sentence({ ...empty, life: 'portion' })).toMatch(/^Add the yeast/);
  expect(sentence({ ...empty, life: 'gone' })).toMatch(/^Add the yeast/);
  const packed = withPortions({ ...empty, life: 'portion' }, [{ what: 'ale-yeast', grams: 1 }]);
  expect(lifeOf(packed, lots)).toEqual({ ok: true, value: { kind: 'portion' } });
  expect(packed.composition.rows.at(-1)).toEqual({ portion: { what: 'ale-yeast', grams: 1 }, when: 'last' });
  expect(sentence(withDose(empty, 900, 'litres'))).toMatch(/^At most \d+ ml can be drawn from Nib/);
  expect(sentence(withDose(empty, 4, 'litres'))).toMatch(/least 5 ml/);
});

test('step by step, what goes in later is still to come, and the water counts what boils away', () => {
  const recipe = library.find(({ id }) => id === 'quince-bay-ginger-beer')!;
  const state = laidOut(recipe, 3000, lots, 22);
  expect([state.life, state.composition.dose]).toEqual([bug.id, 255]);
  const read = planned(state, lots);
  if (!read.ok) throw new Error(read.code);
  const steps = begunAs(state, read.value, 'steps');
  const mixed = begunAs(state, read.value, 'mixed');
  expect(steps.recipe!.later).toEqual([{ when: 'last', portion: { what: 'lemon-juice', ml: 40 } }]);
  expect(steps.portions.map(({ what }) => what)).not.toContain('lemon-juice');
  expect(mixed.portions.map(({ what }) => what)).toContain('lemon-juice');
  expect(mixed.recipe!.later).toBeUndefined();
  const water = steps.portions.find(({ what }) => what === 'water')!.ml!;
  expect(steps.recipe!.waterMl! - water).toBeGreaterThan(60);
  expect(steps.recipe).toMatchObject({ from: { id: recipe.id, version: 1 }, method: recipe.method });
});

test('a day of steps that begins with an empty jar is refused, and the same mixed at once is not', () => {
  // 100 ml, of them 80 of the bug: the figs and a splash of water fill the rest.
  const rows = [
    { portion: { what: 'dried-fig', grams: 44 }, when: 'last' as const },
    { portion: { what: 'water', ml: 0.001 }, when: 'pot' as const },
  ];
  const state: WorktopState = { ...empty, composition: { ml: 100, dose: 80, rows } };
  const read = planned(state, lots);
  if (!read.ok) throw new Error(read.code);
  expect(read.value.plan.brew.waterMl).toBeLessThan(5);
  expect(beginningOf(state, read.value, 'steps')).toMatchObject({
    ok: false,
    code: 'brew.hardly-anything',
    params: { later: true },
  });
  expect(begunAs(state, read.value, 'mixed').portions).toContainEqual({ what: 'dried-fig', grams: 44 });
});

test('a recipe laid out and kept again is the same recipe', () => {
  for (const recipe of library) {
    const state = laidOut(recipe, 2500, [], 22);
    const { id, version, from, rating, note } = recipe;
    const again = recipeOfWorktop(state, [], { id, version, from, rating, note });
    const dosed = recipe.dosePerLitre === 0 || again.dosePerLitre > 0;
    expect([recipe.id, dosed]).toEqual([recipe.id, true]);
    again.lines.forEach((line, i) => {
      expect(line).toMatchObject({ what: recipe.lines[i]!.what, when: recipe.lines[i]!.when });
      expect(line.perLitre).toBeCloseTo(recipe.lines[i]!.perLitre, 1);
    });
  }
});

test('the size by what is typed, each fault in words', () => {
  const size = (way: Parameters<typeof scaled>[1]['way'], typed: string, more: object = {}) => {
    const next = scaled(empty, { way, typed, size: '500 ml', at: 0, ...more }, lots, 22);
    return typeof next === 'string' ? next : Math.round(next.composition.ml);
  };
  expect(size('litres', '1,5 L')).toBe(1500);
  expect(size('litres', '99 ml')).toBe('Between 100 ml and 50 L.');
  expect(size('bottles', '0')).toBe('A whole number of bottles, 1 to 60.');
  expect(size('bottles', '4', { size: '49 ml' })).toBe('Between 50 ml and 5 L a bottle.');
  expect(size('ingredient', '80 g')).toBe(1000);
  expect(size('starter', '80 ml')).toBe(1000);
  expect(size('starter', 'some')).toMatch(/not an amount/);
  // A litre of water under 160 g of sugar and 60 g of ginger: the amounts stay, the litres follow.
  expect(size('water', '1 L')).toBeGreaterThan(1200);
  expect(size('jar', '4 L')).toBeGreaterThan(3400);
  expect(size('pot', '5 L')).toBeGreaterThan(3500);
});

test('what the workbook sends fills its row, or makes one; nonsense and water are left out', () => {
  expect(rowOf(withSent(empty, 'white-sugar~120 g'), 'white-sugar')).toMatchObject({ grams: 120 });
  expect(rowOf(withSent(empty, 'honey~3 tbsp'), 'honey')).toMatchObject({ ml: 45 });
  for (const add of [undefined, '', 'honey', 'honey~much', 'stone~3 g', 'water~1 l'])
    expect(withSent(empty, add)).toEqual(empty);
});

test('a pasted list takes the place of untouched rows; its water sets the water; one thing may stand in it twice', () => {
  const empty = emptyWorktop([bug], 22);
  const list = [
    { what: 'quince', grams: 400 },
    { what: 'white-sugar', grams: 120 },
    { what: 'ginger', grams: 30 },
    { what: 'ginger', grams: 10 },
    { what: 'water', ml: 1500 },
  ];
  expect(isUntouched(empty)).toBe(true);
  const pasted = withList(empty, list, null, { lots: [bug], untouched: true });
  expect(pasted.composition.rows.map(({ portion }) => [portion.what, portion.grams])).toEqual([
    ['quince', 400],
    ['white-sugar', 120],
    ['ginger', 30],
    ['ginger', 10],
  ]);
  const plan = planned(pasted, [bug]);
  expect(plan.ok && Math.round(plan.value.plan.waterMl)).toBe(1500);
  // A second list stands beside what was touched: its sugar is the sugar that is there, and no water leaves the water as it was.
  expect(isUntouched(pasted)).toBe(false);
  const more = withList(
    pasted,
    [
      { what: 'white-sugar', grams: 90 },
      { what: 'thyme', grams: 3 },
    ],
    null,
    { lots: [bug], untouched: false },
  );
  expect(more.composition.rows.map(({ portion }) => portion.what)).toEqual([
    'quince',
    'white-sugar',
    'ginger',
    'ginger',
    'thyme',
  ]);
  expect(more.composition.ml).toBe(pasted.composition.ml);
});

test('a starter in the list is the dose, from the jar of its kind; one that lives nowhere is asked for', () => {
  const empty = emptyWorktop([bug], 22);
  const plums = [{ what: 'plum', grams: 300 }];
  const told = { lots: [bug], untouched: true };
  const dosed = withList(empty, plums, { culture: 'ginger-bug', amount: 95 }, told);
  expect([dosed.life, dosed.composition.dose, dosed.doseTyped]).toEqual([bug.id, 95, true]);
  expect(withList(empty, plums, { culture: null, amount: 60 }, told).composition.dose).toBe(60);
  const none = withList({ ...empty, life: 'portion' }, plums, { culture: 'whey', amount: 40 }, told);
  expect(none).toMatchObject({ life: 'portion', wants: 'whey' });
});
