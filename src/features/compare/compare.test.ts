import { emptyHousehold } from '@/core/journal/household';
import type { Compared } from '@/core/tasting/compare';
import type { Tasting } from '@/core/tasting/tastings';
import { beliefWords, differenceWords, proposalWords } from '@/words/bottles/compare-words';
import { bottlingOf } from './bottling-of';
import type { Beside } from './beside';
import { seenOf } from './seen-of';

const now = 1_800_000_000_000;
const sip = (by: string, scores: Tasting['scores']): Tasting => ({ lotId: 'x', at: now, by, scores });
const beside = (lotId: string, more: Partial<Compared> = {}): Beside => {
  const tastings = more.tastings ?? [];
  const likings = tastings.flatMap(({ scores }) => scores.liking ?? []);
  return {
    kind: 'swing-top',
    compared: {
      lotId,
      variant: '',
      dose: [],
      headspaceMl: 15.4,
      bottleMl: 500,
      pulp: false,
      warmHours: 48,
      opened: null,
      thought: null,
      tastings,
      scores:
        likings.length > 0
          ? { liking: { mean: likings.reduce((a, b) => a + b) / likings.length, n: likings.length } }
          : {},
      ...more,
    },
  };
};

test('how a bottle was filled: its dose for a litre, its headspace, its days', () => {
  expect(bottlingOf(beside('a', { dose: [{ what: 'white-sugar', grams: 2.9 }] }))).toEqual({
    dose: { what: 'white-sugar', perLitre: 6, unit: 'grams' },
    headspaceCm: 4,
    warmDays: 2,
  });
  expect(bottlingOf(beside('a', { dose: [{ what: 'pear-juice', ml: 48.5 }], warmHours: 36 }))).toMatchObject({
    dose: { what: 'pear-juice', perLitre: 100.1, unit: 'ml' },
    warmDays: 1.5,
  });
});

test('what was seen: how it opened, how sweet beside what its tasters like, and the one liked best', () => {
  const opened = (how: 'gusher' | 'still' | 'lively') => ({ at: now, how, entryId: 'e' });
  const seen = seenOf(
    [
      beside('a', {
        opened: opened('gusher'),
        dose: [{ what: 'honey', grams: 4 }],
        tastings: [sip('Ida', { sweet: 5, liking: 5, aroma: 2 }), sip('Bo', { sweet: 4, liking: 4 })],
      }),
      beside('b', {
        opened: opened('still'),
        warmHours: 30,
        tastings: [sip('Ida', { sweet: 5, liking: 2 }), sip('Bo', { sweet: 4, liking: 2 })],
      }),
      beside('c', { warmHours: 60 }),
    ],
    emptyHousehold,
    // Ida likes it dry: a sip of 1 liked best, drawn to (9 + 1) / 4. Bo never said: the usual 3.
    [sip('Ida', { sweet: 1, liking: 5 })],
    now,
  );
  expect(seen).toMatchObject({
    sweet: { tasted: 4.5, liked: (2.5 + 3) / 2 },
    aroma: 2,
    gushers: 1,
    flat: 1,
    opened: 2,
    usual: { headspaceCm: 4, warmDays: 2 },
  });
  expect(seen.best).toMatchObject({ dose: { what: 'honey' }, warmDays: 2 });
  // Three and two steps of two pairs: 2.5, with noise 0.64 of it: 0.9925 and more.
  expect(seen.best!.chance).toBeGreaterThan(0.98);
});

test('nobody scored: nothing is best, nothing is too sweet', () => {
  expect(seenOf([beside('a'), beside('b')], emptyHousehold, [], now)).toMatchObject({
    sweet: null,
    aroma: null,
    best: null,
    opened: 0,
  });
});

test('how much to believe, in words', () => {
  expect([0.5, 0.36, 0.72, 0.9, 0.03].map(beliefWords)).toEqual([
    'hardly more than chance',
    'hardly more than chance',
    'likely (7 in 10)',
    'very likely (18 in 20)',
    'nearly sure',
  ]);
  expect(differenceWords({ kind: 'fizz', steps: -1.25, pairs: 1, chance: 0.1 }, 'Bottle 1', 'bottle 2')).toBe(
    'bottle 2 is fizzier than Bottle 1 by 1.3 steps; from 1 pair of sips that is very likely (18 in 20).',
  );
});

test('proposals in words, each with its reason', () => {
  expect(
    proposalWords({ what: 'sugar', ingredient: 'white-sugar', from: 80, to: 70.4, because: 'too-sweet' }),
  ).toBe('White sugar 80 → 70.4 g a litre: it tasted sweeter than you like it');
  expect(
    proposalWords({
      what: 'dose',
      from: null,
      to: { what: 'honey', perLitre: 8, unit: 'grams' },
      because: 'best',
    }),
  ).toBe('Dose nothing → 8 g honey a litre: the one liked best had it');
  expect(proposalWords({ what: 'days', from: 2, to: 1.5, because: 'gushed' })).toMatch(
    /half of them gushed$/,
  );
  expect(proposalWords({ what: 'headspace', from: 4, to: 5, because: 'gushed' })).toBe(
    'Headspace 4 → 5 cm: half of them gushed',
  );
  expect(proposalWords({ what: 'infusion', from: 48, to: 60, because: 'faint' })).toBe(
    'Infusion 48 → 60 hours: its aroma was faint',
  );
});
