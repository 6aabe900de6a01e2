import type { StoredRun } from '../run/stored-run';
import type { LotSeries } from '../answer/family-answer';
import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { weighedEnsemble } from '../ensemble/ensemble';
import { askedSoda } from '../handmade.test-tool';
import { allSeries, lotAnswer } from '../answer/family-answer';
import { continued } from '../answer/course';
import { bottleTable, bottledAt, chillTable } from '../answer/courses';
import { pourAfterChill } from './pour';
import { placesOf, seriesOf, valuesAt } from '../read-off/quantiles';
import { runMembers } from '../run/run-members';
import { diverged, representatives, whatIf } from './what-if';
import { chanceOverLimit } from '../read-off/chance';
import { chillWindow } from '../advice/windows';

/** A bottle's lanes as they are drawn when it is chilled at an hour. */
const chilledCourse = (run: StoredRun, series: LotSeries, hour: number, until: number) =>
  continued(run.hours, series, hour, chillTable(run, [hour], 2.8, until)[0]!.tail);

const ferment = askedSoda({
  liquidLitres: 0.48,
  stages: [
    { hours: 20, vessel: 'airlock', celsius: 22 },
    { hours: 140, vessel: 'sealed', celsius: 22, headspaceMl: 20 },
  ],
  members: 80,
});
const { run } = weighedEnsemble(ferment, stepper);
const ask = {
  lotId: 'x',
  run: 0,
  wantedVolumes: 2.5,
  wantedSweetness: 60,
  nowHour: 0,
  counterCelsius: null,
  looks: [],
  risk: null,
  waking: null,
  pouredSweetness: 60,
  lookedHour: null,
  laterHours: 0,
};

describe('another future from a stored past', () => {
  test('left as it was, the what-if agrees with the run it came from', () => {
    const same = whatIf(run, { fromHour: 60, stages: [{ ...ferment.stages[1]!, hours: 40 }], members: 80 });
    const again = runMembers(ferment, same.members, stepper);
    const [then, now] = [seriesOf(again, 'heldVolumes')[100]!, seriesOf(same, 'heldVolumes')[40]!];
    expect(Math.abs(now[2] / then[2] - 1)).toBeLessThan(0.03);
  });

  test('representatives stand for their weights', () => {
    const weights = run.weights.map((_, i) => (i === 3 ? 1 : 0));
    expect(new Set(representatives({ ...run, weights }, 20))).toEqual(new Set([3]));
    expect(representatives(run, 16)).toHaveLength(16);
  });

  test('chilled later: less sweet, fizzier, stronger, and nearer the limit', () => {
    const [early, late] = [pourAfterChill(run, 40, 2.8), pourAfterChill(run, 80, 2.8)];
    expect(late.sweetnessGramsPerLitre[2]).toBeLessThan(early.sweetnessGramsPerLitre[2]);
    expect(late.volumes[2]).toBeGreaterThan(early.volumes[2]);
    expect(late.abvPercent[2]).toBeGreaterThan(early.abvPercent[2]);
    expect(late.peakGaugeBar[2]).toBeGreaterThan(early.peakGaugeBar[2]);
    expect(late.chanceOverLimit).toBeGreaterThan(early.chanceOverLimit);
  });

  test('a chilled course keeps the past and flattens the future', () => {
    const answer = { series: allSeries(run) };
    const course = chilledCourse(run, answer.series, 60, 130);
    expect(course.series.fizz.slice(0, 61)).toEqual(answer.series.fizz.slice(0, 61));
    const gain = course.series.fizz.at(-1)![2] - course.series.fizz[60]![2];
    expect(gain).toBeLessThan((answer.series.fizz[130]![2] - answer.series.fizz[60]![2]) / 4);
    expect(course.series.gauge.at(-1)![2]).toBeLessThan(course.series.gauge[60]![2]);
  });

  test('a first ferment bottled later reaches its fizz sooner, from a drier base', () => {
    const open = weighedEnsemble(
      { ...ferment, stages: [{ ...ferment.stages[0]!, hours: 160 }] },
      stepper,
    ).run;
    const jar = lotAnswer({ ...ask, limitBar: null, sealedFromHour: null }, 0, open);
    const [early, late] = [bottledAt(open, 10, 2.5), bottledAt(open, 60, 2.5)];
    expect(late.sweetnessAtBottling[2]).toBeLessThan(early.sweetnessAtBottling[2]);
    expect(late.hoursToFizz[1]).toBeLessThan(early.hoursToFizz[1]);
    expect(bottleTable(open, [10, 60], 2.5)).toEqual([early, late]);
    expect([early.hour, late.hour]).toEqual([10, 60]);
    expect(jar.chill).toBeNull();
    expect(jar.taste!.earliest).toBeLessThan(jar.taste!.latest);
  });
});

describe('one thing changed', () => {
  const at = (changed: typeof run, hour: number, quantity: 'heldVolumes' | 'gaugeBar' = 'heldVolumes') =>
    seriesOf(changed, quantity)[hour]![2];
  const same = diverged(run, 50, {}, 80);

  test('nothing changed is the same ferment, on the same clock', () => {
    expect(same.hours).toEqual(run.hours);
    expect(Math.abs(at(same, 100) / at(run, 100) - 1)).toBeLessThan(0.04);
    expect(at(same, 30)).toBeCloseTo(at(run, 30), 1);
  });

  test('warmer is fizzier, cooler less, and the past stays', () => {
    const [warm, cool] = [26, 17].map((celsius) => diverged(run, 50, { celsius }, 80));
    expect(at(warm!, 90)).toBeGreaterThan(at(same, 90));
    expect(at(cool!, 90)).toBeLessThan(at(same, 90));
    expect(at(warm!, 50)).toBe(at(cool!, 50));
  });

  test('burping daily takes off some pressure and hardly delays the limit', () => {
    const burped = diverged(run, 50, { ventEveryHours: 24 }, 80);
    expect(at(burped, 120, 'gaugeBar')).toBeLessThan(at(same, 120, 'gaugeBar'));
    expect(at(burped, 120, 'gaugeBar')).toBeGreaterThan(at(same, 120, 'gaugeBar') * 0.6);
  });
});

describe('the chill window', () => {
  test('closes when one kitchen in twenty has passed the limit', () => {
    const window = chillWindow(run, 2, 2.8, 20);
    expect(window.closes).toBe('limit');
    expect(chanceOverLimit(run, 2.8, window.latest, 20)).toBeLessThan(0.09);
    expect(chanceOverLimit(run, 2.8, window.latest + 24, 20)).toBeGreaterThan(0.09);
    expect(window.earliest).toBeLessThanOrEqual(window.best);
    expect(window.best).toBeLessThanOrEqual(window.latest);
  });

  test('a stronger bottle leaves more time, until the fizz itself is too much', () => {
    const strong = chillWindow(run, 2, 6, 20);
    expect(strong.latest).toBeGreaterThan(chillWindow(run, 2, 2.8, 20).latest);
    expect(strong.closes).toBe('fizz');
  });

  test('pressure is counted only while sealed', () => {
    const place = placesOf(run)[10]!;
    expect(Math.max(...valuesAt(run, 'gaugeBar', 10, place))).toBe(0);
  });
});
