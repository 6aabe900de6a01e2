import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { weighedEnsemble } from '../ensemble/ensemble';
import { fillingOutcomes, type FillingAsk } from './fillings';
import { askedSoda } from '../handmade.test-tool';

const { run } = weighedEnsemble(
  {
    ...askedSoda({ members: 120, stages: [{ hours: 48, vessel: 'airlock', celsius: 22 }] }),
    longSteps: true,
  },
  stepper,
);
const ask = (more: Partial<FillingAsk> = {}): FillingAsk => ({
  hour: 24,
  start: new Date(2026, 4, 4, 8).getTime(),
  waking: { from: 7 * 60, to: 22 * 60 + 30 },
  caution: 'careful',
  wantedVolumes: 2.5,
  wantedSweetness: 55,
  ceilingPercent: null,
  bottle: 'swing-top',
  bottles: 6,
  headspaceShare: 0.04,
  doseGramsPerLitre: 0,
  ...more,
});
const of = (more: Partial<FillingAsk> = {}) =>
  Object.fromEntries(fillingOutcomes(run, ask(more)).map((each) => [each.way, each]));

test('nobody looking: a soft bottle helps most, stronger glass too, and chances sum to one', () => {
  const ways = of();
  expect(Object.keys(ways)).toEqual(['as-planned', 'squeezed', 'stronger', 'cooler']);
  expect(ways.squeezed!.good).toBeGreaterThan(ways['as-planned']!.good + 0.05);
  expect(ways.stronger!.good).toBeGreaterThanOrEqual(ways['as-planned']!.good);
  const much = of({ wantedVolumes: 3.6 });
  expect(much.stronger!.good).toBeGreaterThan(much['as-planned']!.good + 0.02);
  // Glass that bears more is left warm for longer; a colder place takes longer to come to the same.
  expect(ways.stronger!.chillHour).toBeGreaterThanOrEqual(ways['as-planned']!.chillHour);
  expect(ways.cooler!.chillHour).toBeGreaterThan(ways['as-planned']!.chillHour);
  for (const { good, flat, over } of Object.values(ways)) expect(good + flat + over).toBeCloseTo(1, 6);
});

test('the strongest glass has none stronger; a dose can be halved; glass of which nothing is known says nothing', () => {
  expect(Object.keys(of({ bottle: 'sparkling-wine', doseGramsPerLitre: 12 }))).toEqual([
    'as-planned',
    'squeezed',
    'cooler',
    'less-dose',
  ]);
  expect(of({ bottle: 'bowl' })['as-planned']).toBeUndefined();
});
