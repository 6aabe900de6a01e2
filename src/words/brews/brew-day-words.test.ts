import { library } from '@/core/recipes/library/registry';
import { stepsOf, type BrewStep } from '@/core/brew/steps';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { alcoholRange, composedWords, rowAtHour } from './composed-words';
import { changeWords } from './change-words';
import { methodLabel, methodOptions } from './method-words';
import { stepWords } from './step-words';
import { countdown } from '../tasks/timer-words';
import { litres } from '../amounts';
import { costWords, potWords, shortWords, warningWords, yieldWords } from './worktop-words';
import { dayMs, hourMs } from '@/core/duration';
import { partOf, standIn } from '@/core/part-of.test-tool';
import type { Lot } from '@/core/lots/lot';

const now = new Date(2026, 4, 4, 18, 20).getTime();

test('litres as they are talked about, and time left at a glance', () => {
  expect([350, 1000, 2615, 12_340].map(litres)).toEqual(['350 ml', '1 L', '2.62 L', '12.3 L']);
  expect([0, 692_000, 7_449_000, dayMs, 200_000_000].map(countdown)).toEqual([
    '0:00',
    '11:32',
    '2:04:09',
    '24:00:00',
    '2 d 7 h',
  ]);
});

test('each warning says what is wrong and what would be right', () => {
  const mend = { really: 6.01, what: 'white-sugar', grams: 100, change: 40 };
  expect(warningWords({ kind: 'percent', meant: 10, mend })).toBe(
    'You meant 10 %, the spoons make 6 % of the water: 40 g more white sugar would be it.',
  );
  expect(warningWords({ kind: 'percent', meant: 4, mend: { ...mend, change: -20 } })).toContain(
    '20 g less white sugar',
  );
  expect(warningWords({ kind: 'preserved', what: 'pear-juice' })).toMatch(/^Pear juice names a preservative/);
  expect(warningWords({ kind: 'starves', teaGramsPerLitre: 0 })).toContain('with no leaf');
  expect(warningWords({ kind: 'starves', teaGramsPerLitre: 2 })).toContain('with 2 g a litre of leaf');
  expect(warningWords({ kind: 'too-sweet', takes: 120, total: 137.2, culture: 'tea mother' })).toMatch(
    /^137 g\/L is more than tea mother takes \(about 120\)/,
  );
});

test('a pot that is too small, with the ways that work', () => {
  expect(potWords({ fits: true }, 5000)).toBeNull();
  const small = { fits: false, needsMl: 5650, holdBackMl: 500, rounds: { count: 2, waterMl: 2000 } } as const;
  expect(potWords(small, 5000)).toBe(
    'A 5 L pot boils over: take one of 5.65 L. What works: boil it strong with 500 ml of the water held back, and pour that in cold; or cook it in 2 rounds of 2 L water each.',
  );
  expect(potWords({ ...small, holdBackMl: null, rounds: null }, 5000)).toContain('Make less of it.');
});

test('what a starter is short of: ml of a jar, grams of grains', () => {
  const short = { byGrams: false, gives: 255, wants: 450, enoughForMl: 3400, leftMl: 2600, restAt: now + 24 * hourMs, thinly: { share: 0.0425, usual: false } }; // prettier-ignore
  expect(shortWords(short, 'Nib', now)).toBe(
    'Nib gives 255 ml (1 cup) now; 450 ml (2 cups) are wanted. That is enough for 3.4 L. The other 2.6 L can start tomorrow 18:15, once it is topped up and fed.',
  );
  expect(shortWords({ ...short, restAt: null, thinly: { share: 0.06, usual: true } }, 'Nib', now)).toBe(
    'Nib gives 255 ml (1 cup) now; 450 ml (2 cups) are wanted. That is enough for 3.4 L. The other 2.6 L need another starter. Or pitch all of it with 255 ml (1 cup): 6 %, thin but usual, a slower start.',
  );
  expect(
    shortWords(
      { ...short, byGrams: true, gives: 60, wants: 77, thinly: { share: 42.9, usual: true } },
      'Pearls',
      now,
    ),
  ).toBe(
    'Pearls gives 60 g of grains now; 77 g of grains are wanted. That is enough for 3.4 L. By tomorrow 18:15 they may have grown to as many. Or pitch all of it with 60 g of grains: 42.9 g a litre, thin but usual, a slower start.',
  );
});

test('yield and cost', () => {
  expect(yieldWords({ evaporatedMl: 110, soakedMl: 205, clothMl: 30, bottledMl: 2755 })).toBe(
    'About 2.75 L to bottle: 110 ml boil away, 205 ml stay in what is strained off, 30 ml in cloth and pot.',
  );
  expect(yieldWords({ evaporatedMl: 0, soakedMl: 0, clothMl: 2, bottledMl: 998 })).toBe(
    'About 1,000 ml to bottle.',
  );
  expect(costWords({ perLitre: 0.72, total: 1.44, unpriced: ['sage'] }, 3)).toBe(
    '0.72 a litre (without sage)',
  );
  expect(costWords({ perLitre: 0, total: 0, unpriced: ['sage'] }, 1)).toMatch(/^Tap an ingredient/);
  expect(costWords({ perLitre: 0.5, total: 1, unpriced: [] }, 2)).toBe('0.50 a litre');
});

const five = (middle: number) => [middle - 2, middle - 1, middle, middle + 1, middle + 2] as const;
const answer = partOf<LotAnswer>({
  hours: [0, 40, 80, 192],
  taste: { earliest: 30, best: 40, latest: 80, earliestSpread: 5, latestSpread: 8 },
  series: { sweet: [five(80), five(60), five(40), five(10)], alcohol: [five(2), five(3), five(4), five(6)] },
});

test('what would come of it, pitched now', () => {
  expect(alcoholRange(rowAtHour(answer, answer.series.alcohol, 45))).toBe('1.0–5.0 %');
  expect(composedWords(answer, now)).toBe(
    'Pitched now: taste Wed 0:15 to Fri 2:15, about 60 g/L sweet, 1.0–5.0 % alcohol; forgotten 8 days, 4.0–8.0 %.',
  );
  const late = { ...answer, taste: { ...answer.taste!, earliest: 192, best: 192, latest: 192 } };
  expect(composedWords(late, now)).toMatch(/^Pitched now, still sweet after 8 days/);
  expect(composedWords({ ...answer, taste: { ...answer.taste!, latest: 192 } }, now)).toContain(
    'to after 12 May',
  );
});

test('every school has a name and a reason', () => {
  for (const [key, options] of Object.entries(methodOptions))
    for (const { value, label, why } of options) {
      expect([methodLabel(standIn(key), value), why.length > 10]).toEqual([label, true]);
    }
  expect(methodLabel('strain', 'unknown')).toBe('unknown');
});

test('what changed in a recipe, each kind in words', () => {
  expect(changeWords({ kind: 'amount', what: 'plum', from: 433, to: 390 })).toBe('Plum 433 → 390 g a litre');
  expect(changeWords({ kind: 'added', what: 'honey', perLitre: 20 })).toBe('Honey, new: 20 ml a litre');
  expect(changeWords({ kind: 'gone', what: 'fig-leaf', perLitre: 1 })).toBe('Fig leaf left out');
  expect(changeWords({ kind: 'dose', from: 75, to: 90, culture: 'ginger-bug' })).toBe(
    'Starter 75 → 90 ml a litre',
  );
  expect(changeWords({ kind: 'culture', from: 'ginger-bug', to: 'whey' })).toBe(
    'With whey instead of ginger bug',
  );
  expect(changeWords({ kind: 'fizz', from: 2.5, to: 2.2 })).toBe('Fizz: lively (2.5 vol) → lively (2.2 vol)');
  expect(changeWords({ kind: 'method', key: 'strain', from: 'coarse', to: 'cloth' })).toBe(
    'Strain through: coarse → cloth',
  );
  expect(changeWords({ kind: 'method', key: 'minutes', from: '10', to: '12' })).toBe(
    'Another time at the simmer',
  );
});

describe('steps as they are read at arm’s length', () => {
  const step = (id: BrewStep['id'], more: Partial<BrewStep> = {}) =>
    stepWords({ id, portions: [], deed: 'none', minutes: null, way: '', ...more }, 'Nib');
  test('figures stand in them', () => {
    expect(step('water', { way: 'stood', waterMl: 2400 })).toMatchObject({
      title: 'Let the water stand',
      lines: ['2.4 L, what boils away is in it.', expect.stringContaining('Chloramine stays')],
    });
    expect(
      step('heat', {
        way: 'simmer',
        waterMl: 1200,
        heldMl: 1200,
        portions: [{ what: 'white-sugar', grams: 216 }],
      }).lines,
    ).toEqual([
      '1.2 L water, 216 g (1 cup) white sugar.',
      'Keep 1.2 L of the water back, cold.',
      'Lid off, a bare simmer. Stay with it until it boils: sugar rises fast.',
    ]);
    expect(step('cool', { way: 'ice-bath', minutes: 23 }).lines[1]).toBe(
      'About 23 min, by pot and lid; one reading corrects it.',
    );
    expect(step('cool', { way: 'lidded' }).lines[1]).toContain('does not get below 30 °C');
    expect(step('draw', { way: 'jar', doseMl: 225 })).toMatchObject({
      title: 'Draw 225 ml (1 cup)',
      lines: ['From Nib, strained, into a measuring cup.'],
    });
    expect(step('draw', { way: 'grains', doseGrams: 60 }).title).toBe('Weigh 60 g of grains');
    expect(step('draw', { way: 'packet', portions: [{ what: 'ale-yeast', grams: 0.9 }] }).lines[0]).toMatch(
      /^0\.9 g .* ale yeast, dry, in ten times its water at 35 °C/,
    );
    expect(step('pitch', { doseMl: 225 }).lines[0]).toBe('225 ml (1 cup) of Nib, below 30 °C; stir it in.');
    expect(step('strain', { way: 'pulp-in' }).title).toBe('Leave the pulp in');
    expect(step('restart', { portions: [{ what: 'water', ml: 200 }] }).title).toBe('Feed Nib');
  });
  test('no step of any recipe is left without words', () => {
    for (const { method, lines } of library) {
      const ids = stepsOf({
        lot: partOf<Lot>({
          recipe: {
            base: 'syrup',
            wantedVolumes: 2,
            method,
            waterMl: 2000,
            heldMl: 0,
            later: lines.map((line) => ({ when: line.when, portion: { what: line.what, grams: 5 } })),
          },
          contents: { liquid: { water: 2000 } },
          closure: method.closure,
          events: [{ kind: 'added', portions: [{ what: 'ginger', grams: 5 }] }],
        }),
        from: undefined,
        around: 21,
      });
      for (const each of ids) {
        const words = stepWords(each, null);
        expect(words.title.length).toBeGreaterThan(4);
        expect(words.lines.join(' ')).not.toMatch(/undefined|NaN/);
      }
    }
  });
});
