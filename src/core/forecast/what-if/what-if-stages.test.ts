import type { StoredRun } from '../run/stored-run';
import type { LotSeries } from '../answer/family-answer';
import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { slots } from '../../ferment/state/state';
import { peakGauges, chanceOverLimit } from '../read-off/chance';
import { continued } from '../answer/course';
import { bottledAt, chillTable } from '../answer/courses';
import { askedSoda, handmadeRun, warmBottle } from '../handmade.test-tool';
import { firstPassageHours } from '../read-off/first-passage';
import { pourAfterChill } from './pour';
import { settleHours } from '../question/lot-stages';
import { allSeries } from '../answer/family-answer';
import { placesOf, seriesOf, valuesAt } from '../read-off/quantiles';
import { weightedQuantiles, quantileLevels } from '../read-off/weighted-quantiles';
import { runMembers } from '../run/run-members';
import { chillStages, diverged, representatives, whatIf } from './what-if';
import { memberOf } from '../ensemble/priors';
import { unknownCount } from '../ensemble/unknowns';

/** A bottle's lanes as they are drawn when it is chilled at an hour. */
const chilledCourse = (run: StoredRun, series: LotSeries, hour: number, until: number) =>
  continued(run.hours, series, hour, chillTable(run, [hour], 2.8, until)[0]!.tail);

/** Three kitchens, one of them quick, over a jar of a day and a bottle of four. */
const ferment = () =>
  askedSoda({
    liquidLitres: 0.48,
    stages: [
      { hours: 24, vessel: 'airlock', celsius: 22 },
      { hours: 96, vessel: 'sealed', celsius: 22, headspaceMl: 20 },
    ],
  });
const kitchens = [-1, 0, 1.5].map((vigour) =>
  memberOf(
    Float64Array.from({ length: unknownCount }, (_, i) => (i === 0 ? vigour : 0)),
    0,
    0.3,
  ),
);
const ran = () => runMembers(ferment(), kitchens, stepper);

describe('kitchens that stand for all', () => {
  const run = (weights: readonly number[]) =>
    handmadeRun({ hours: [0], members: weights.length, row: () => ({}), weights });

  test('each for as much weight: at a half, one and a half … of their share', () => {
    expect(representatives(run([0.25, 0.25, 0.25, 0.25]), 4)).toEqual([0, 1, 2, 3]);
    expect(representatives(run([0.1, 0.6, 0.3]), 5)).toEqual([0, 1, 1, 1, 2]);
    expect(representatives(run([0.05, 0.9, 0.05]), 5)).toEqual([1, 1, 1, 1, 1]);
    expect(representatives(run([0.5, 0.5]), 1)).toEqual([0]);
    expect(representatives(run([0.49, 0.51]), 1)).toEqual([1]);
    expect(representatives(run([0, 0, 1]), 3)).toEqual([2, 2, 2]);
  });
});

describe('another future', () => {
  test('its hours count from the hour it begins with, in its own steps, all kitchens alike', () => {
    const run = ran();
    const cold = whatIf(run, {
      fromHour: 40.7,
      stages: chillStages(run.ferment.stages[1]!, 21),
      members: 6,
      stepHours: 6,
    });
    expect(cold.hours).toEqual([0, 6, 12, 18, 24]);
    expect(cold.members).toEqual([0, 0, 1, 1, 2, 2].map((m) => kitchens[m]));
    expect([...cold.weights]).toEqual(Array<number>(6).fill(1 / 6));
    expect(cold.ferment).toMatchObject({ stepHours: 6, liquidLitres: 0.48 });
    expect(cold.ferment.stages.map(({ hours, celsius }) => [hours, celsius])).toEqual([
      [3, 13],
      [21, 4],
    ]);
    // It begins with what is stored at 40 h.
    const [then, now] = [seriesOf(run, 'heldVolumes')[40]!, seriesOf(cold, 'heldVolumes')[0]!];
    expect(now[2]).toBeCloseTo(then[2], 4);
    expect(whatIf(run, { fromHour: 40, stages: [warmBottle], reports: [0, 1, 50] }).hours).toEqual([
      0, 1, 50,
    ]);
    expect(whatIf(run, { fromHour: 40, stages: [warmBottle] }).members).toHaveLength(48);
  });

  test('left as it was, it ends where the run does', () => {
    const run = ran();
    const on = whatIf(run, { fromHour: 60, stages: [{ ...run.ferment.stages[1]!, hours: 60 }], members: 3 });
    for (const quantity of ['heldVolumes', 'sweetnessGramsPerLitre', 'gaugeBar', 'abvPercent'] as const) {
      const [end, same] = [seriesOf(run, quantity)[120]!, seriesOf(on, quantity)[60]!];
      end.forEach((value, i) => expect(same[i]! / value).toBeCloseTo(1, 1.7));
    }
  });

  test('chilled, it takes three hours halfway to the fridge, burped and primed no more', () => {
    const primed = {
      ...warmBottle,
      ventEveryHours: 6,
      addSugars: { sucrose: 4, glucose: 0, fructose: 0 },
      inflows: [],
    };
    expect(chillStages(primed, 48)).toEqual([
      { ...warmBottle, hours: 3, celsius: 12, ventEveryHours: null },
      { ...warmBottle, hours: 48, celsius: 4, ventEveryHours: null },
    ]);
  });
});

describe('one thing changed from an hour on', () => {
  test('stages are cut there; what is changed holds for all that follow, nothing is primed twice', () => {
    const plain = ferment();
    const stages = [
      plain.stages[0]!,
      { ...plain.stages[1]!, hours: 30, addSugars: { sucrose: 5, glucose: 0, fructose: 0 } },
      { ...plain.stages[1]!, hours: 66, addSugars: { sucrose: 2, glucose: 0, fructose: 0 } },
    ];
    const run = runMembers({ ...plain, stages }, kitchens, stepper);
    const warm = diverged(run, 40, { celsius: 25 }, 6);
    expect(
      warm.ferment.stages.map(({ hours, celsius, addSugars }) => [hours, celsius, addSugars?.sucrose]),
    ).toEqual([
      [24, 22, undefined],
      [16, 22, 5],
      [14, 25, undefined],
      [66, 25, 2],
    ]);
    expect(
      diverged(run, 24, { ventEveryHours: 12 }, 6).ferment.stages.map(
        ({ hours, ventEveryHours, addSugars }) => [hours, ventEveryHours ?? null, addSugars?.sucrose],
      ),
    ).toEqual([
      [24, null, undefined],
      [30, 12, 5],
      [66, 12, 2],
    ]);
    expect(diverged(run, 0, {}, 6).ferment.stages.map(({ hours }) => hours)).toEqual([24, 30, 66]);
  });

  test('the past is copied to the last digit, hour by hour and kitchen by kitchen', () => {
    const run = ran();
    const warm = diverged(run, 50, { celsius: 26 }, 3);
    expect(warm.hours).toEqual(run.hours);
    const rows = 51 * 3 * slots.ROW_SIZE;
    expect([...warm.rows.subarray(0, rows)]).toEqual([...run.rows.subarray(0, rows)]);
    expect([...warm.celsius.subarray(0, 51 * 3)]).toEqual([...run.celsius.subarray(0, 51 * 3)]);
    const later = seriesOf(warm, 'heldVolumes');
    expect(later[51]![2]).toBeGreaterThan(seriesOf(run, 'heldVolumes')[51]![2]);
    expect(later.at(-1)![2]).toBeGreaterThan(later[60]![2]);
    expect(warm.celsius[119 * 3 + 1]).toBeGreaterThan(25.9);
    // Only a share of kitchens: the second stands for the middle third.
    const few = diverged(run, 50, {}, 1);
    expect([...few.rows.subarray(0, slots.ROW_SIZE)]).toEqual([
      ...run.rows.subarray(slots.ROW_SIZE, 2 * slots.ROW_SIZE),
    ]);
  });
});

describe('what is in the glass after two days in the fridge', () => {
  test('quantiles of every kitchen chilled then; the highest pressure until it was', () => {
    const run = ran();
    const pour = pourAfterChill(run, 70, 2.8);
    const cold = whatIf(run, {
      fromHour: 70,
      stages: chillStages(run.ferment.stages[1]!, 48),
      members: 48,
      stepHours: 12,
    });
    expect(settleHours).toBe(48);
    // Three hours on the way and 48 cold, told every twelve: the last row is the end.
    expect(cold.hours.at(-1)).toBe(51);
    const place = placesOf(cold).at(-1)!;
    const five = (quantity: Parameters<typeof valuesAt>[1]) =>
      weightedQuantiles(valuesAt(cold, quantity, cold.hours.length - 1, place), cold.weights, quantileLevels);
    expect(pour.sweetnessGramsPerLitre).toEqual(five('sweetnessGramsPerLitre'));
    expect(pour.volumes).toEqual(five('co2Volumes'));
    expect(pour.abvPercent).toEqual(five('abvPercent'));
    expect(pour.ph).toEqual(five('ph'));
    expect(pour.peakGaugeBar).toEqual(weightedQuantiles(peakGauges(run, 70), run.weights, quantileLevels));
    expect(pour.chanceOverLimit).toBe(chanceOverLimit(run, 2.8, 70));
    // At 4 °C nearly all of the gas is dissolved.
    expect(pour.volumes[2]).toBeGreaterThan(0.96 * seriesOf(run, 'heldVolumes')[70]![2]);
  });
});

describe('the lanes of a bottle that is chilled at an hour', () => {
  test('its past, then every six hours cold until what was asked is past', () => {
    const run = ran();
    const series = allSeries(run);
    const course = chilledCourse(run, series, 60, 110);
    // 50 hours from 60 are 54 in sixes and three more, and three on the way.
    expect(course.hours.slice(0, 61)).toEqual(run.hours.slice(0, 61));
    expect(course.hours.slice(61)).toEqual([66, 72, 78, 84, 90, 96, 102, 108, 114, 120]);
    for (const lane of ['sweet', 'fizz', 'gauge', 'ph', 'alcohol'] as const) {
      expect(course.series[lane]).toHaveLength(course.hours.length);
      expect(course.series[lane].slice(0, 61)).toEqual(series[lane].slice(0, 61));
    }
    expect(course.series.sweet[61]![2]).toBeLessThan(course.series.sweet[60]![2] + 0.5);
    expect(course.series.gauge[63]![2]).toBeLessThan(0.75 * course.series.gauge[60]![2]);
    expect(course.series.alcohol.at(-1)![2]).toBeGreaterThanOrEqual(course.series.alcohol[60]![2] - 0.01);
    // At least half a day is shown.
    expect(chilledCourse(run, series, 100, 101).hours.slice(101)).toEqual([106, 112, 118]);
    const [row] = chillTable(run, [60], 2.8, 110);
    expect(row).toMatchObject({ hour: 60, pour: pourAfterChill(run, 60, 2.8) });
    expect(row!.tail.hours).toEqual(course.hours.slice(61));
    expect(row!.tail.series.fizz).toEqual(course.series.fizz.slice(61));
  });
});

describe('a first ferment that is bottled at an hour', () => {
  test('in half litres with a headspace of four in a hundred, as warm as its jar, for a week at most', () => {
    const run = runMembers(
      { ...ferment(), stages: [{ ...ferment().stages[0]!, hours: 60 }] },
      kitchens,
      stepper,
    );
    const then = bottledAt(run, 30, 2.5);
    const sealed = {
      ...run.ferment.stages[0]!,
      vessel: 'sealed' as const,
      headspaceMl: 19.2,
      liquidMl: 480,
      hours: 168,
      ventEveryHours: null,
    };
    const after = whatIf(run, { fromHour: 30, stages: [sealed], members: 32, stepHours: 4 });
    const passes = firstPassageHours(after, 'heldVolumes', 2.5, 'rises');
    expect(then.hoursToFizz).toEqual(weightedQuantiles(passes, after.weights, [0.25, 0.5, 0.75]));
    const index = Math.floor(then.hoursToFizz[1] / 4);
    const [sweet, strong] = [seriesOf(after, 'sweetnessGramsPerLitre'), seriesOf(after, 'abvPercent')];
    expect(then.sweetnessAtBottling).toEqual(sweet[0]!.map((value) => expect.closeTo(value, 9)));
    expect(then.sweetnessThen).toEqual(sweet[index]!.map((value) => expect.closeTo(value, 9)));
    expect(then.abvThen).toEqual(strong[index]!.map((value) => expect.closeTo(value, 9)));
    expect(then.hour).toBe(30);
    // Never fizzy within the week, it is tasted at its end.
    const never = bottledAt(run, 30, 40);
    expect(never.hoursToFizz[1]).toBe(Infinity);
    expect(never.sweetnessThen).toEqual(sweet.at(-1)!.map((value) => expect.closeTo(value, 9)));
  });
});
