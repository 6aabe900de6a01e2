import { bottleGroups, batchScenario } from '@/core/forecast/batch-scenario';
import { answerBatch } from '@/core/forecast/batch-answer';
import { learnVigour } from '@/core/forecast/learn';
import { project } from '@/core/journal/fold';
import { demoHousehold } from '@/demo/household';
import { hourScale, laneHeight, laneScale } from '@/ui/charts/lane-scale';
import { lanePaths } from '@/ui/charts/lane-paths';
import { dayRoles } from '@/ui/theme/roles';
import { lanesOf } from './lanes';
import { forecastSpans, onTheClock, pressureAt } from './spans';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const household = project(demoHousehold(now, 60));
const batch = Object.values(household.batches).find(({ name }) => name === 'Plum and bay')!;
const [group] = bottleGroups(batch);
const bottle = group![0]!;
const scenario = {
  ...batchScenario({ batch, bottle, warmth: household.warmth, learned: learnVigour([], 0.28), now })!,
  members: 24,
};
const answer = answerBatch({ scenario, wantedVolumes: 2.5, limitBar: 2.8, wantedSweetness: 60 });
const book = {
  forBatch: () => answer,
  forBottle: () => answer,
  learnedOf: () => learnVigour([], 0.28),
  failed: () => false,
};

describe('the lanes of a bottled batch', () => {
  const lanes = lanesOf(batch, bottle, { hours: answer.run.hours, series: answer.series }, dayRoles);

  test('carry units, the bottle’s limit, and the readings where they were taken', () => {
    expect(lanes.map(({ name }) => name)).toEqual(['Sweet', 'Fizz', 'Pressure', 'Sour', 'Alcohol']);
    expect(lanes.every(({ unit }) => unit.length > 0)).toBe(true);
    expect(lanes[2]!.limit).toEqual({ value: 2.8, label: 'working limit' });
    expect(lanes[0]!.points).toHaveLength(2);
    expect(lanes[2]!.points).toHaveLength(bottle.squeezes.length);
    expect(lanesOf(batch, null, { hours: answer.run.hours, series: answer.series }, dayRoles)).toHaveLength(
      3,
    );
  });

  test('scales keep every value and the limit inside the lane', () => {
    for (const lane of lanes) {
      const y = laneScale(lane, lane.series, lane.name === 'Sour' ? null : 0);
      for (const five of lane.series)
        for (const value of five) {
          expect(y(value)).toBeGreaterThanOrEqual(0);
          expect(y(value)).toBeLessThanOrEqual(laneHeight);
        }
    }
    const x = hourScale(10, 100, 358);
    expect(x(10)).toBeLessThan(x(55));
    expect(x(500)).toBe(x(100));
  });

  test('a band is a closed outline, a median an open line', () => {
    const { band, median } = lanePaths(
      [
        [0, [1, 2, 3, 4, 5]],
        [1, [2, 3, 4, 5, 6]],
      ],
      (hour) => hour * 10,
      (value) => -value,
    );
    expect(band(0, 4)).toMatch(/^M.*Z$/);
    expect(median).toBe('M0,-3L10,-4');
  });
});

describe('windows on the wall clock', () => {
  test('start from pitching', () => {
    const span = onTheClock(answer.chill!, batch.pitchedAt!);
    expect(span.from).toBeGreaterThan(batch.pitchedAt!);
    expect(span.until).toBeGreaterThan(span.from);
    const chill = forecastSpans(book, 22.5, () => batch).chill(group!);
    expect(chill).toMatchObject(span);
    expect(chill!.because).toMatch(/2\.8 bar/);
    expect(forecastSpans(book, 22.5, () => undefined).chill(group!)).toBeNull();
  });

  test('pressure now is the middle and its 95 % edge, and unknown without an answer', () => {
    const pressure = pressureAt(book, bottle, batch, now)!;
    expect(pressure.edge).toBeGreaterThan(pressure.median);
    expect(pressureAt({ ...book, forBottle: () => null }, bottle, batch, now)).toBeNull();
  });
});
