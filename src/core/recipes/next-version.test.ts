import { RecipeRecord } from '../settings/recipe';
import { changesBetween } from './changes';
import { library } from './library/registry';
import { proposals, withProposals, type Seen } from './next-version';
import type { BottlingWay, Recipe } from './recipe';

const recipe: Recipe = {
  ...library[0]!,
  lines: [
    { what: 'white-sugar', perLitre: 80, when: 'pot' },
    { what: 'honey', perLitre: 10, when: 'pot' },
    { what: 'pear', perLitre: 120, when: 'pot' },
  ],
  method: { ...library[0]!.method, infusion: { cold: true, hours: [24, 48] } },
};
const usual: BottlingWay = { dose: null, headspaceCm: 4, warmDays: 2 };
const seen = (more: Partial<Seen> = {}): Seen => ({
  sweet: null,
  aroma: null,
  gushers: 0,
  flat: 0,
  opened: 4,
  best: null,
  usual,
  ...more,
});

test('nothing seen, nothing proposed; half a step is let be', () => {
  expect(proposals(recipe, seen())).toEqual([]);
  expect(proposals(recipe, seen({ sweet: { tasted: 3.4, liked: 3 } }))).toEqual([]);
});

test('too sweet or not sweet enough: 12 % of its main sugar a step, 30 % at most', () => {
  const change = (tasted: number, liked: number) => proposals(recipe, seen({ sweet: { tasted, liked } }))[0];
  expect(change(4, 3)).toEqual({
    what: 'sugar',
    ingredient: 'white-sugar',
    from: 80,
    to: 70.4,
    because: 'too-sweet',
  });
  expect(change(2.5, 3)).toMatchObject({ to: 84.8, because: 'not-sweet' });
  expect(change(5, 1)).toMatchObject({ to: 56 });
  const bare = { ...recipe, lines: recipe.lines.slice(2) };
  expect(proposals(bare, seen({ sweet: { tasted: 5, liked: 3 } }))).toEqual([]);
});

test('gushers: a quarter less time and a centimetre more room; flat ones: longer', () => {
  expect(proposals(recipe, seen({ gushers: 2 }))).toEqual([
    { what: 'days', from: 2, to: 1.5, because: 'gushed' },
    { what: 'headspace', from: 4, to: 5, because: 'gushed' },
  ]);
  expect(proposals(recipe, seen({ flat: 3 }))).toEqual([{ what: 'days', from: 2, to: 2.7, because: 'flat' }]);
  expect(proposals(recipe, seen({ gushers: 1 }))).toEqual([]);
  expect(
    proposals(recipe, seen({ gushers: 4, usual: { ...usual, headspaceCm: 5, warmDays: null } })),
  ).toEqual([]);
});

test('the bottle that was liked best is followed when it is believed', () => {
  const best = {
    dose: { what: 'white-sugar', perLitre: 6, unit: 'grams' as const },
    headspaceCm: 5.5,
    warmDays: 3,
  };
  expect(proposals(recipe, seen({ best: { ...best, chance: 0.8 } }))).toEqual([
    { what: 'dose', from: null, to: best.dose, because: 'best' },
    { what: 'days', from: 2, to: 3, because: 'best' },
    { what: 'headspace', from: 4, to: 5.5, because: 'best' },
  ]);
  expect(proposals(recipe, seen({ best: { ...best, chance: 0.65 } }))).toEqual([]);
  expect(
    proposals(recipe, seen({ best: { ...usual, warmDays: 2.3, headspaceCm: 4.5, chance: 0.9 } })),
  ).toEqual([]);
});

test('an infusion nobody smells steeps longer; one that overwhelms shorter', () => {
  const of = (aroma: number) => proposals(recipe, seen({ aroma }))[0];
  expect(of(2)).toEqual({ what: 'infusion', from: 48, to: 60, because: 'faint' });
  expect(of(4.5)).toEqual({ what: 'infusion', from: 48, to: 36, because: 'overwhelms' });
  expect(of(3)).toBeUndefined();
  expect(proposals({ ...recipe, method: { ...recipe.method, infusion: null } }, seen({ aroma: 1 }))).toEqual(
    [],
  );
});

test('taken, they are the next version and nothing else changes; it is kept and read back', () => {
  const taken = [
    ...proposals(recipe, seen({ sweet: { tasted: 4, liked: 3 }, aroma: 1.5, gushers: 4 })),
    { what: 'dose', from: null, to: { what: 'honey', perLitre: 8, unit: 'grams' }, because: 'best' } as const,
  ];
  const next = withProposals(recipe, taken, 2, usual);
  expect(changesBetween(recipe, next).map((change) => ('key' in change ? change.key : change.kind))).toEqual([
    'amount',
    'infusion',
    'dose',
    'headspaceCm',
    'warmDays',
  ]);
  expect(next).toMatchObject({
    version: 2,
    rating: null,
    bottling: { dose: { what: 'honey', perLitre: 8, unit: 'grams' }, headspaceCm: 5, warmDays: 1.5 },
    method: { infusion: { cold: true, hours: [24, 60] } },
  });
  expect(next.lines[1]).toEqual(recipe.lines[1]);
  expect(RecipeRecord.parse({ ...next, id: 'mine' })).toEqual({ ...next, id: 'mine' });
});
