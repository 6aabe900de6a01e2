import { gramsPerVolume } from '../../gas/co2-solubility';
import { chanceOverLimit } from '../read-off/chance';
import { handmadeRun, warmBottle } from '../handmade.test-tool';
import { keepingOf } from './keeping';
import { firstPassageHours } from '../read-off/first-passage';
import { seriesOf } from '../read-off/quantiles';
import { quantileLevels, weightedQuantiles } from '../read-off/weighted-quantiles';
import { whatIf } from '../what-if/what-if';

describe('a bottle in the fridge, worked out on paper', () => {
  const cold = { ...warmBottle, celsius: 4, hours: 400 };
  // Ten kitchens that gain 0.001 to 0.010 volumes an hour from 2 volumes on, cold and without air.
  const hours = Array.from({ length: 201 }, (_, i) => 2 * i);
  const run = handmadeRun({
    hours,
    members: 10,
    stages: [cold],
    row: (m, hour) => ({ CO2: (2 + 0.001 * (m + 1) * hour) * gramsPerVolume, PH: 4 }),
  });
  const ask = { wantedVolumes: 2, limitBar: 9, nowHour: 0, counterCelsius: 21 };

  test('it is opened before half hold half as much again as wanted', () => {
    // 3 volumes are there after 1/(0.001·n) hours: 100, 111, 125, 143, 167, 200 … The middle of ten lies between 167 and 200.
    const keeping = keepingOf(run, ask);
    expect(keeping.closes).toBe('fizz');
    expect(keeping.openBy).toBeGreaterThan(167);
    expect(keeping.openBy).toBeLessThan(200);
    expect(keeping.chanceAtEnd).toBeCloseTo(0, 9);
  });

  test('or before one in twenty is past the limit, whatever comes first', () => {
    const keeping = keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 1.1 });
    expect(keeping.closes).toBe('limit');
    expect(keeping.chanceAtEnd).toBeGreaterThan(0.05);
    expect(keeping.openBy).toBeLessThan(400);
    const later = keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 1.1, nowHour: 399 });
    expect(later.openBy).toBeGreaterThanOrEqual(398);
  });

  test('nothing comes: it keeps as far as the forecast looks', () => {
    const keeping = keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 99 });
    expect([keeping.closes, keeping.openBy, keeping.endHour, keeping.chanceAtEnd]).toEqual([
      'beyond-forecast',
      400,
      400,
      0,
    ]);
    expect(keeping.counter.limitHours).toEqual([Infinity, Infinity]);
  });

  test('how soft the moment is: within how many hours half of the kitchens come there, half a day at least', () => {
    // Three volumes after 1,000 hours over the kitchen's number: within the 400 followed for the third to the tenth.
    const quick = handmadeRun({
      hours,
      members: 4,
      stages: [cold],
      row: (m, hour) => ({ CO2: (2 + [0.005, 0.006, 0.0075, 0.01][m]! * hour) * gramsPerVolume, PH: 4 }),
    });
    // They are there after 200, 166.7, 133.3 and 100 hours: the middles of the quarters lie at 116.7 and 183.3.
    const keeping = keepingOf(quick, ask);
    expect(keeping.openBy).toBeCloseTo(150, 1);
    expect(keeping.openBySpread).toBeCloseTo(66.7, 0);
    const alike = handmadeRun({
      hours,
      members: 4,
      stages: [cold],
      row: (_, hour) => ({ CO2: (2 + 0.01 * hour) * gramsPerVolume, PH: 4 }),
    });
    expect(keepingOf(alike, ask).openBySpread).toBe(12);
    // Where a quarter never comes there, a week.
    expect(keepingOf(run, { ...ask, wantedVolumes: 9, limitBar: 99 }).openBySpread).toBe(168);
  });

  test('what it came to while it was warm is over: it counts from when it has cooled', () => {
    const chilled = handmadeRun({
      hours,
      members: 2,
      stages: [
        { ...warmBottle, hours: 50 },
        { ...warmBottle, hours: 3, celsius: 12 },
        { ...cold, hours: 347 },
      ],
      celsius: (_, hour) => (hour < 50 ? 20 : 4),
      row: (_, hour) => ({ CO2: (hour < 50 ? 4 : 3) * gramsPerVolume, PH: 4 }),
    });
    expect(chanceOverLimit(chilled, 2.5, 400)).toBeGreaterThan(0.9);
    const keeping = keepingOf(chilled, { ...ask, limitBar: 2.5, wantedVolumes: 9 });
    expect([keeping.closes, keeping.openBy, keeping.chanceAtEnd]).toEqual(['beyond-forecast', 400, 0]);
    // Never cold, it counts from now on.
    const warm = handmadeRun({
      hours,
      members: 2,
      stages: [{ ...warmBottle, hours: 400 }],
      row: () => ({ CO2: 4 * gramsPerVolume, PH: 4 }),
    });
    expect(keepingOf(warm, { ...ask, limitBar: 2.5, nowHour: 30 }).openBy).toBe(30);
  });

  test('on the counter again: four days from when it is cold, burped and primed no more', () => {
    const primed = {
      ...cold,
      ventEveryHours: 12,
      addSugars: { sucrose: 9, glucose: 0, fructose: 0 },
      inflows: [],
    };
    const bottle = handmadeRun({
      hours,
      members: 3,
      stages: [primed],
      celsius: () => 4,
      row: (m) => ({
        CO2: (3 + m) * gramsPerVolume,
        SUCROSE: 40,
        YEAST: 0.3,
        YEAST_READY: 5,
        PH: 3.6,
        NITROGEN: 0.001,
      }),
    });
    const { counter } = keepingOf(bottle, { ...ask, limitBar: 3.5, nowHour: 100 });
    const again = whatIf(bottle, {
      fromHour: 100,
      stages: [{ ...cold, hours: 96, celsius: 21, ventEveryHours: null }],
      members: 96,
      stepHours: 2,
    });
    expect(counter.celsius).toBe(21);
    expect(counter.limitHours).toEqual(
      weightedQuantiles(firstPassageHours(again, 'gaugeBar', 3.5, 'rises'), again.weights, [0.05, 0.5]),
    );
    expect(counter.limitHours[0]).toBeLessThan(12);
    const at = again.hours.indexOf(24);
    expect(counter.gaugeAfterDay).toEqual(seriesOf(again, 'gaugeBar')[at]);
    expect(counter.volumesAfterDay).toEqual(seriesOf(again, 'heldVolumes')[at]);
    expect(counter.gaugeAfterDay).toHaveLength(quantileLevels.length);
  });
});
