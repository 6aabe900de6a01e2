import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { mapOf } from '@/core/journal/persistent-map';
import type { Household } from '@/core/journal/household';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import type { Lot, LotEvent, LotReading } from '@/core/lots/lot';
import { openStore } from '@/core/lots/lot-store';
import { carryOver } from '@/core/lots/transfer';
import { laneHeights, laneScale } from '@/ui/charts/lane-scale';
import { dayRoles } from '@/ui/theme/roles';
import { brewRow, brewRows } from '../brews/brew-rows';
import { lanesOf, readingPoints } from './lanes';
import { pressureAt } from './pressure';
import { finishedRoots, questionsOf } from './questions';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';
import { type NewLot } from '@/core/lots/records/new-lot';

const start = Date.UTC(2026, 4, 1);
const at = (hour: number) => start + hour * hourMs;
const read = (hour: number, readings: readonly LotReading[]): LotEvent => ({
  kind: 'read',
  at: at(hour),
  entryId: `r${hour}`,
  readings,
});

const lot = (id: string, said: Partial<NewLot>, begun = 0): Lot =>
  addPortions(
    emptyLot(id, at(begun), {
      role: 'brew',
      name: id,
      vessel: { kind: 'jar', ml: 3000 },
      closure: 'airlock',
      place: 'counter',
      recipe: { base: 'ginger-tea', wantedVolumes: 2.4 },
      ...said,
    }),
    [
      { what: 'water', ml: 1500 },
      { what: 'white-sugar', grams: 130 },
    ],
    { at: at(begun), entryId: id },
  );
const jar = (id: string, place: NewLot['place'] = 'counter') =>
  lot(id, { role: 'starter', culture: 'ginger-bug', place, recipe: null }, -200);
const bottle: NewLot = {
  role: 'bottle',
  name: '1',
  vessel: { kind: 'swing-top', ml: 500 },
  closure: 'sealed',
  place: 'counter',
};

/** A household told by hand: a bug, a brew dosed from it, two bottles of it; and whatever else is given. */
function household(...more: Lot[]) {
  const shelf = openStore(new Map([jar('bug'), lot('plum', {}), ...more].map((each) => [each.id, each])));
  carryOver(shelf, {
    id: 'p',
    at: at(1),
    from: 'bug',
    taken: 'liquid',
    targets: [{ lotId: 'plum', ml: 120 }],
  });
  carryOver(shelf, {
    id: 'b',
    at: at(24),
    from: 'plum',
    taken: 'liquid',
    targets: [
      { begin: bottle, ml: 480 },
      { begin: { ...bottle, name: '2', place: 'fridge' }, ml: 480 },
    ],
  });
  const told = (): Household => ({ lots: mapOf(shelf.lots), warmths: {}, settings: {} });
  return { shelf, told, lots: () => [...shelf.lots.values()] };
}

describe('readings on the lanes', () => {
  const brew = {
    ...lot('plum', {}),
    events: [
      read(10, [
        { kind: 'sg', value: 1.03 },
        { kind: 'sweet', value: 3 },
      ]),
      read(30, [{ kind: 'ph', value: 3.5 }]),
    ],
  };
  const own = {
    ...lot('b1', { role: 'bottle' }, 24),
    events: [
      read(40, [
        { kind: 'squeeze', value: 'firm' },
        { kind: 'gaugeBar', value: 1.2 },
      ]),
      read(41, [{ kind: 'squeeze', value: 'soft' }]),
    ],
  };

  test('stand where they were read, in the lane’s unit; of the jar only what came before the bottling', () => {
    const points = readingPoints([brew, own], start);
    // SG 1.030 is about 76 g/L of sugar; a sweetness of 3 in 5 the middle of its step.
    expect(points.sweet).toEqual([
      { hour: 10, value: expect.closeTo(77.6, 0) },
      { hour: 10, value: 43 },
    ]);
    expect(points.gauge).toEqual([
      { hour: 40, value: 1.35 },
      { hour: 40, value: 1.2 },
      { hour: 41, value: 0.15 },
    ]);
    expect(points.ph).toEqual([]);
    expect(readingPoints([brew], start).ph).toEqual([{ hour: 30, value: 3.5 }]);
  });

  const row = (value: number) => [value, value, value, value, value] as const;
  const series = { sweet: [row(60)], fizz: [row(1)], gauge: [row(0.5)], ph: [row(3.4)], alcohol: [row(0.3)] };
  const answer = (limitBar: number | null) =>
    partOf<LotAnswer>({ start, limitBar, wantedVolumes: 2.5, series });

  test('fizz and pressure are lanes of what is sealed; the limit and the fizz wanted are drawn in', () => {
    const lanes = lanesOf([brew, own], answer(2.8), { hours: [0], series }, dayRoles);
    expect(lanes.map(({ name }) => name)).toEqual(['Sweet', 'Fizz', 'Pressure', 'Sour', 'Alcohol']);
    expect(lanes[1]!.target).toEqual([2.25, 2.75]);
    expect(lanes[2]!.limit).toEqual({ value: 2.8, label: 'working limit' });
    expect(lanesOf([brew], answer(null), { hours: [0], series }, dayRoles).map(({ name }) => name)).toEqual([
      'Sweet',
      'Sour',
      'Alcohol',
    ]);
  });

  test('a lane is tall enough for its limit and its readings', () => {
    const [, , pressure] = lanesOf([brew, own], answer(2.8), { hours: [0], series }, dayRoles);
    for (const height of Object.values(laneHeights)) {
      const scale = laneScale(pressure!, pressure!.series, 0, height);
      // Under its name, over its foot.
      expect(scale(2.8)).toBeGreaterThanOrEqual(22);
      expect(scale(2.8)).toBeLessThan(height / 2 + 8);
      expect(scale(0)).toBeCloseTo(height - 6, 6);
      expect(scale.domain()[0]).toBe(0);
    }
    const low = laneScale(
      partOf({ ...pressure!, limit: undefined, points: [{ hour: 0, value: 9 }] }),
      pressure!.series,
      null,
      laneHeights.phone,
    );
    expect(low.domain()[1]).toBeGreaterThanOrEqual(9);
  });
});

describe('pressure now', () => {
  const row = (median: number, edge: number) => [0, 0, median, 0, edge] as const;
  const answer = partOf<LotAnswer>({
    start,
    hours: [0, 6, 12],
    limitBar: 2.8,
    series: { gauge: [row(0, 0), row(1, 1.6), row(2, 3)], fizz: [row(0, 0), row(1.5, 2), row(2.5, 3)] },
  });

  test('lies between the rows of the kept answer, and at its ends', () => {
    expect(pressureAt(answer, at(3))).toEqual({ median: 0.5, edge: 0.8, volumes: 0.75 });
    expect(pressureAt(answer, at(9))).toEqual({ median: 1.5, edge: expect.closeTo(2.3, 9), volumes: 2 });
    expect(pressureAt(answer, at(-5))).toEqual({ median: 0, edge: 0, volumes: 0 });
    expect(pressureAt(answer, at(99))).toEqual({ median: 2, edge: 3, volumes: 2.5 });
    expect([pressureAt(null, at(3)), pressureAt({ ...answer, limitBar: null }, at(3))]).toEqual([null, null]);
  });
});

describe('what is asked of the forecast', () => {
  const learned = () => null;

  test('warm bottles first, then starters, jars, cold ones; a family once, at its most urgent', () => {
    const cold = jar('cold', 'fridge');
    const { told, lots } = household(cold);
    const asked = questionsOf(told(), lots(), at(30), learned).sort((a, b) => a.rank - b.rank);
    expect(asked.map(({ question, rank }) => [question.kind, question.subject, rank])).toEqual([
      ['family', 'plum', 0],
      ['starter', 'bug', 10],
      ['starter', 'cold', 30],
    ]);
    const onlyCold = lots().filter(({ id }) => id === 'b-2');
    expect(questionsOf(told(), onlyCold, at(30), learned).map(({ rank }) => rank)).toEqual([40]);
    expect(
      questionsOf(
        told(),
        lots().filter(({ id }) => id === 'plum'),
        at(30),
        learned,
      )[0]!.rank,
    ).toBe(20);
  });

  test('a brew that nothing lives in asks nothing', () => {
    const { told } = household(lot('flat', {}));
    const flat = [...household(lot('flat', {})).shelf.lots.values()].filter(({ id }) => id === 'flat');
    expect(questionsOf(told(), flat, at(30), learned)).toEqual([]);
  });

  test('batches that are over teach: those poured on, dosed from a starter that is there, the latest six', () => {
    const ended = { at: at(100), how: 'drunk', why: '', entryId: 'x' } as const;
    const { shelf, told, lots } = household();
    for (let n = 1; n <= 8; n++) {
      shelf.put(lot(`old${n}`, {}, -500 + n));
      carryOver(shelf, {
        id: `p${n}`,
        at: at(-400 + n),
        from: 'bug',
        taken: 'liquid',
        targets: [{ lotId: `old${n}`, ml: 20 }],
      });
      carryOver(shelf, {
        id: `b${n}`,
        at: at(-300 + n),
        from: `old${n}`,
        taken: 'liquid',
        targets: [{ ml: 100 }],
      });
      shelf.put({ ...shelf.lot(`old${n}`)!, ended });
    }
    expect(finishedRoots(lots(), told()).map(({ id }) => id)).toEqual([
      'old8',
      'old7',
      'old6',
      'old5',
      'old4',
      'old3',
    ]);
  });
});

describe('the list of brews', () => {
  test('mixed first, then fermenting, bottled with warm ones before cold, finished; the newest of each first', () => {
    const { shelf, told, lots } = household(lot('flat', {}), lot('flat2', {}, 5));
    const drained = shelf.lot('plum')!;
    shelf.put({ ...drained, ended: { at: at(25), how: 'drunk', why: '', entryId: 'x' } });
    shelf.put({ ...lot('gone', {}, 7), ended: { at: at(25), how: 'lost', why: '', entryId: 'x' } });
    shelf.put(
      addPortions(lot('fermenting', {}, 3), [{ what: 'ale-yeast', grams: 1 }], { at: at(4), entryId: 'y' }),
    );
    const living = lots().filter(({ ended }) => !ended);
    const rows = brewRows(told(), { living });
    expect(rows.map(({ brew, stage, bottles }) => [brew.id, stage, bottles.length])).toEqual([
      ['flat2', 'mixed', 0],
      ['flat', 'mixed', 0],
      ['fermenting', 'first-ferment', 0],
      ['plum', 'bottled', 2],
      ['gone', 'finished', 0],
    ]);
    expect(brewRow(shelf.lot('plum')!, told(), { living })).toEqual(rows[3]);
  });
});
