import { TestKitchen, fedBug } from '../kitchen.test-tool';
import { handmadeRun } from '../handmade.test-tool';
import { placesOf, seriesOf, valuesAt, valuesOverTime } from './quantiles';
import { quantileLevels, weightedQuantiles } from './weighted-quantiles';
import { quantities, sums, type Quantity } from '../run/quantities';
import { rowAt } from '../run/stored-run';

const names = Object.keys(quantities) as Quantity[];
const row = (m: number, hour: number) => ({
  SUCROSE: 40 - hour + m,
  GLUCOSE: 9 - 0.5 * hour,
  FRUCTOSE: 12 - 0.25 * hour,
  CO2: 2 + 0.5 * hour * (1 + m),
  ETHANOL: 3 + 0.75 * hour,
  PH: 3.5 - 0.01 * hour * m,
  NITROGEN: 0.001,
});
const run = handmadeRun({ hours: [0, 1, 2, 4, 8, 9], members: 5, row, weights: [0.3, 0.1, 0.2, 0.15, 0.25] });

describe('quantities of all members at once', () => {
  it.each(names)('%s is what a row says, member by member', (name) => {
    placesOf(run).forEach((place, hour) => {
      const one = (m: number) => quantities[name](run.rows, rowAt(run, m, hour), place);
      expect([...valuesAt(run, name, hour, place)]).toEqual([0, 1, 2, 3, 4].map(one));
    });
  });

  it('nothing presses on an open jar', () => {
    const open = { ...placesOf(run)[3]!, stage: { ...placesOf(run)[3]!.stage, vessel: 'open' as const } };
    expect([...valuesAt(run, 'gaugeBar', 3, open)]).toEqual([0, 0, 0, 0, 0]);
  });

  it('sums are those without a product or a pressure in them', () => {
    expect(Object.keys(sums).sort()).toEqual(
      ['heldVolumes', 'ph', 'sugarGramsPerLitre', 'sweetnessGramsPerLitre'].sort(),
    );
  });
});

describe('hours that long steps passed over', () => {
  // From hour 1 a step went to hour 8 at once, over the reports of hours 2 and 4.
  const gapped = { ...run, gaps: [{ first: 2, end: 4 }] };
  const shares = { 2: 1 / 7, 3: 3 / 7 } as const;

  it('their values lie on lines between the ends of the step', () => {
    for (const name of names) {
      const all = valuesOverTime(run, name);
      const over = valuesOverTime(gapped, name);
      for (const hour of [0, 1, 4, 5]) expect([...over[hour]!]).toEqual([...all[hour]!]);
      for (const hour of [2, 3] as const)
        over[hour]!.forEach((value, m) =>
          expect(value).toBeCloseTo(all[1]![m]! + shares[hour] * (all[4]![m]! - all[1]![m]!), 9),
        );
    }
  });

  it('so do their quantiles', () => {
    const series = seriesOf(gapped, 'gaugeBar');
    const ends = [1, 4].map((hour) =>
      weightedQuantiles(valuesOverTime(run, 'gaugeBar')[hour]!, run.weights, quantileLevels),
    );
    for (const hour of [2, 3] as const)
      series[hour]!.forEach((value, level) =>
        expect(value).toBeCloseTo(ends[0]![level]! + shares[hour] * (ends[1]![level]! - ends[0]![level]!), 9),
      );
    expect(series).toHaveLength(6);
    expect(series[5]).toEqual(seriesOf(run, 'gaugeBar')[5]);
  });

  it('a gap that reaches the last report ends there', () => {
    const series = seriesOf({ ...run, gaps: [{ first: 3, end: 5 }] }, 'heldVolumes');
    expect(series).toHaveLength(6);
    expect(series[5]![2]).toBeCloseTo(seriesOf(run, 'heldVolumes')[5]![2], 9);
    // A seventh hour on: from hour 2 to hour 9, at hours 4 and 8.
    const [from, to] = [seriesOf(run, 'heldVolumes')[2]![2], seriesOf(run, 'heldVolumes')[5]![2]];
    expect(series[3]![2]).toBeCloseTo(from + (2 / 7) * (to - from), 9);
    expect(series[4]![2]).toBeCloseTo(from + (6 / 7) * (to - from), 9);
  });
});

test('a family names the hours that its long steps passed over: there rows lie on lines', () => {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -192, -1, 2);
  const brew = kitchen.brew(-1, 160);
  kitchen.draw(0, bug, brew, 160);
  const [bottle] = kitchen.bottles(24, brew, 1) as [string];
  const { runs, runOf } = kitchen.family(brew, 30, undefined, 12);
  const of = runs[runOf[bottle]!]!;
  const gas = valuesOverTime({ ...of, gaps: [] }, 'ethanolGramsPerLitre');
  const passed = new Set(of.gaps!.flatMap(({ first, end }) => of.hours.map((_, i) => i).slice(first, end)));
  const onLine = (hour: number) => {
    const { first, end } = of.gaps!.find((gap) => gap.first <= hour && hour < gap.end)!;
    const share = (of.hours[hour]! - of.hours[first - 1]!) / (of.hours[end]! - of.hours[first - 1]!);
    return gas[first - 1]![0]! + share * (gas[end]![0]! - gas[first - 1]![0]!);
  };
  expect(passed.size).toBeGreaterThan(30);
  // Steps grow three days after the last sugar, which came at hour 24 at the latest.
  expect(of.hours[Math.min(...passed)]).toBeGreaterThan(96);
  for (const hour of passed) expect(gas[hour]![0]).toBeCloseTo(onLine(hour), 5);
});
