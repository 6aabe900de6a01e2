import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { dawn, TestKitchen } from '@/core/forecast/kitchen.test-tool';
import { journalOf } from '@/core/journal/journal';
import { calibrationWords, palateLines } from '@/words/bottles/back-words';
import { palateOf } from '@/core/tasting/palate';
import { calibrationOf } from '@/core/tasting/looking-back';
import { recipeOfBrew } from '../compare/recipe-of-brew';
import { lotOf } from '@/core/journal/household';
import { batchesOf, openedBottles } from './batches';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';

/** A batch of two bottles: one opened well, one that gushed warm. */
function kitchen() {
  const told = new TestKitchen(22);
  const bug = told.jar(-60, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ]);
  told.at(-1, { kind: 'kept', thing: 'price', key: 'white-sugar', value: { each: 2 } });
  const brew = told.brew(0, 150);
  told.draw(1, bug, brew, 100);
  const begin = (name: string) => ({
    role: 'bottle' as const,
    name,
    vessel: { kind: 'swing-top' as const, ml: 500 },
    closure: 'sealed' as const,
    place: 'counter' as const,
  });
  const id = told.at(24, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: ['1', '2'].map((name) => ({ begin: begin(name), ml: 480 })),
  });
  told.at(54, { kind: 'moved', lots: [`${id}-1`], place: 'fridge' });
  told.at(100, { kind: 'opened', lotId: `${id}-1`, how: 'lively' });
  told.at(100, { kind: 'tasted', lotId: `${id}-1`, by: 'Ida', sweet: 3, liking: 4 });
  told.at(101, { kind: 'opened', lotId: `${id}-2`, how: 'gusher' });
  return { household: journalOf(told.entries, dawn + 200 * hourMs).household, brew, id };
}

const answer = partOf<LotAnswer>({
  start: dawn,
  hours: [0, 99, 110],
  limitBar: 2.8,
  series: {
    gauge: [
      [0, 0, 0, 0, 0],
      [0.8, 1, 1.2, 1.4, 1.6],
      [9, 9, 9, 9, 9],
    ],
    sweet: [
      [0, 0, 0, 0, 0],
      [40, 45, 50, 55, 60],
      [9, 9, 9, 9, 9],
    ],
    fizz: [
      [0, 0, 0, 0, 0],
      [2, 3, 3.4, 3.6, 3.8],
      [9, 9, 9, 9, 9],
    ],
    alcohol: [
      [0, 0, 0, 0, 0],
      [0.5, 0.6, 0.7, 0.8, 0.9],
      [9, 9, 9, 9, 9],
    ],
  },
});

test('a batch is looked back at: what was forecast, what was found, what went wrong, what it cost', () => {
  const { household, brew, id } = kitchen();
  const [batch, ...rest] = batchesOf(household, () => answer);
  expect(rest).toEqual([]);
  expect(batch).toMatchObject({
    brew: { id: brew },
    season: 'spring',
    starter: 'ginger-bug',
    // 30 hours of one, 77 of the other.
    warmHours: 53.5,
    liking: 4,
    abv: [0.5, 0.6, 0.7, 0.8, 0.9],
    sugarLeft: [40, 45, 50, 55, 60],
    mishaps: [{ lotId: `${id}-2`, what: 'gusher', causes: ['opened-warm', 'too-long-warm'] }],
  });
  // Lively holds, a three in sweetness holds, a gusher (over 2.2 bar) does not.
  expect(batch!.checked.map(({ kind, held }) => [kind, held])).toEqual([
    ['opening', true],
    ['sweet', true],
    ['opening', false],
  ]);
  expect(batch!.litres).toBeCloseTo(0.96, 6);
  // 150 g in the brew and its share of the bug's 20: at 2 a kilogram.
  expect(batch!.cost).toBeGreaterThan(0.3);
  expect(batch!.cost).toBeLessThan(0.31);
  expect(openedBottles(household).map((lot) => lot.id)).toEqual([`${id}-2`, `${id}-1`]);
});

test('before the forecast is there, what was found is told without it', () => {
  const [batch] = batchesOf(kitchen().household, () => null);
  expect(batch).toMatchObject({ abv: null, sugarLeft: null, checked: [] });
  expect(batch!.mishaps[0]!.causes).toEqual(['opened-warm']);
});

test('a brew without a recipe becomes the first version of one: its amounts for a litre', () => {
  const { household, brew } = kitchen();
  const recipe = recipeOfBrew(lotOf(household, brew)!, 'brew');
  // 150 g in 1803 ml of water, 94 ml of sugar and 100 ml of the bug.
  expect(recipe).toMatchObject({
    id: 'brew',
    version: 1,
    name: 'Brew',
    wantedVolumes: 2.5,
    culture: 'ginger-bug',
  });
  expect(recipe.lines).toHaveLength(1);
  expect(recipe.lines[0]!.what).toBe('white-sugar');
  expect(recipe.lines[0]!.perLitre).toBeCloseTo(75.2, 0);
  expect(recipe.dosePerLitre).toBeCloseTo(50, 0);
});

test('was it right? In words, by how many looks there were', () => {
  const of = (held: number, all: number) =>
    calibrationWords(calibrationOf(Array.from({ length: all }, (_, i) => ({ held: i < held }))));
  expect(of(0, 0)).toMatch(/^Nothing to check yet/);
  expect(of(3, 3)).toMatch(/Too few to tell: the true share may be anything from \d+ % to 100 %\.$/);
  expect(of(9, 10)).toMatch(/That agrees \(\d+–\d+\u00a0%\)\.$/);
  expect(of(12, 20)).toMatch(/The bands are too narrow/);
  expect(of(60, 60)).toMatch(/wider here than they need be/);
});

test('a palate in the measures of the forecast', () => {
  expect(palateLines(palateOf('Ida', [], dawn))).toEqual([
    'Sweet: about 43 g/L (25–66; nothing scored, the usual)',
    'Sour: about 3.6 pH (3.2–3.9; nothing scored, the usual)',
    'Fizz: about 2.3 vol (1.6–3.0; nothing scored, the usual)',
  ]);
});
