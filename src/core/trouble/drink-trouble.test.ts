import type { DrinkFacts } from './drink-facts';
import { complaints, diagnoseDrink, type Complaint } from './drink-trouble';

const facts: DrinkFacts = {
  hours: 60,
  warmHours: 60,
  celsius: 22,
  warmest: 22,
  pitchedCelsius: 24,
  doseShare: 0.08,
  sugarLeft: 40,
  emptyShare: 0.05,
  pulp: false,
  airy: false,
  preserved: false,
  packet: false,
  bottled: true,
};
const likeliest = (complaint: Complaint, change: Partial<DrinkFacts> = {}) =>
  diagnoseDrink({ ...facts, ...change }, [complaint]).suspects[0]!.cause;

test.each([
  ['no-start', { hours: 8, warmHours: 8 }, 'too-early'],
  ['no-start', { celsius: 14 }, 'too-cold'],
  ['no-start', { pitchedCelsius: 38 }, 'pitched-hot'],
  ['no-start', { preserved: true }, 'preservative'],
  ['too-sweet', { doseShare: 0.015 }, 'too-little-starter'],
  ['flat', { sugarLeft: 2, hours: 150, celsius: 24 }, 'no-sugar-left'],
  ['flat', { hours: 150, celsius: 24 }, 'leaky-seal'],
  ['sour', { warmHours: 240, hours: 240 }, 'too-long-warm'],
  ['sour', { airy: true, warmHours: 40, hours: 40 }, 'too-much-air'],
  ['gusher', { pulp: true, celsius: 4 }, 'pulp'],
  ['gusher', { emptyShare: 0.01, celsius: 4, warmHours: 30 }, 'too-full'],
  ['gusher', { warmHours: 200, celsius: 4 }, 'too-long-warm'],
  ['yeasty', { packet: true }, 'bread-yeast'],
  ['slime', { celsius: 15 }, 'sugar-and-cold'],
] as const)('%s, when %j: %s', (complaint, change, cause) =>
  expect(likeliest(complaint, change)).toBe(cause),
);

test('shares add up to one, and every complaint has a cause and something that helps', () => {
  for (const complaint of complaints) {
    const { suspects, rescues, discard } = diagnoseDrink(facts, [complaint]);
    expect(rescues.length).toBeGreaterThan(0);
    if (discard) continue;
    expect(suspects.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(suspects.map(({ share }) => share)).toEqual(
      suspects.map(({ share }) => share).sort((a, b) => b - a),
    );
  }
  expect(diagnoseDrink(facts, [])).toEqual({ discard: false, suspects: [], rescues: [] });
});

test('mould is discarded whatever else is seen; what was never pitched is pitched', () => {
  expect(diagnoseDrink(facts, ['sour', 'mould'])).toEqual({
    discard: true,
    suspects: [],
    rescues: ['discard'],
  });
  expect(diagnoseDrink({ ...facts, hours: null }, ['no-start'])).toMatchObject({
    suspects: [{ cause: 'never-pitched', share: 1 }],
    rescues: ['pitch-again'],
  });
});

test('only what makes sense is offered: nothing sweet is primed, nothing cold chilled, no jar’s seal tested', () => {
  const rescues = (complaint: Complaint, change: Partial<DrinkFacts>) =>
    diagnoseDrink({ ...facts, ...change }, [complaint]).rescues;
  expect(rescues('flat', { sugarLeft: 40 })).not.toContain('prime-again');
  expect(rescues('flat', { sugarLeft: 3 })).toContain('prime-again');
  expect(rescues('flat', { bottled: false })).not.toContain('test-seal');
  expect(rescues('sour', { celsius: 4 })).not.toContain('chill');
  expect(rescues('flat', { celsius: 26 })).not.toContain('warm-it');
});
