import type { BatchState } from '../brew/batch-state';
import { Diary } from '../../demo/diary';
import { Scenario } from '../ferment/scenario';
import type { Entry } from '../journal/entry';
import { project } from '../journal/fold';
import { answerBatch, sealedFrom } from './batch-answer';
import { batchScenario, bottleGroups, groupBottle, lookAheadHours } from './batch-scenario';
import { learnVigour } from './learn';

const now = Date.UTC(2026, 4, 4, 18);
const learned = learnVigour([], 0.28);

/** A household with one bug and one batch pitched 60 h ago, told further by the test. */
function kitchen(tell: (diary: Diary, batchId: string) => void) {
  const diary = new Diary(now, 0);
  diary.ago(500, { kind: 'kitchen-warmed', celsius: 21 });
  const starterId = diary.ago(400, {
    kind: 'starter-begun',
    name: 'Ada',
    culture: 'ginger-bug',
    jarMl: 1000,
    waterMl: 600,
    gingerGrams: 30,
    sugarGrams: 30,
  });
  diary.ago(72, { kind: 'fed', starterId, gingerGrams: 18, sugarGrams: 18, waterMl: 0 });
  const batchId = diary.ago(61, {
    kind: 'batch-begun',
    name: 'Sloe',
    starterId,
    waterMl: 1700,
    gingerGrams: 50,
    sugarGrams: 160,
    doseMl: 160,
    wantedVolumes: 2.5,
  });
  diary.ago(60, { kind: 'pitched', batchId, celsius: 24, doseMl: 160 });
  tell(diary, batchId);
  const household = project(diary.entries);
  return { household, batch: household.batches[batchId]!, entries: diary.entries };
}

const bottled = (diary: Diary, batchId: string, hours = 40, primingGramsPerLitre = 0) =>
  diary.ago(hours, {
    kind: 'bottled',
    batchId,
    vessel: 'swing-top',
    count: 3,
    bottleMl: 500,
    headspaceMl: 20,
    primingGramsPerLitre,
  });

const scenarioOf = ({ household, batch }: ReturnType<typeof kitchen>, index: number | null) => {
  const bottle = index === null ? null : groupBottle(bottleGroups(batch)[index]!);
  return batchScenario({ batch, bottle, warmth: household.warmth, learned, now })!;
};

describe('the question a batch asks', () => {
  test('before pitching there is none', () => {
    const { household, batch } = kitchen(() => undefined);
    const mixed: BatchState = { ...batch, pitchedAt: null };
    expect(batchScenario({ batch: mixed, bottle: null, warmth: household.warmth, learned, now })).toBeNull();
  });

  test('a jar is one airlocked stage to the end of the look-ahead, and valid as a scenario', () => {
    const scenario = scenarioOf(
      kitchen(() => undefined),
      null,
    );
    expect(Scenario.parse(scenario)).toEqual(scenario);
    expect(scenario.stages).toHaveLength(1);
    expect(scenario.stages[0]).toMatchObject({
      vessel: 'airlock',
      celsius: 21,
      hours: 60 + lookAheadHours.counter,
    });
    expect(scenario.liquidLitres).toBeCloseTo(1.96, 1);
    expect(scenario.starter.amountPerLitre).toBeCloseTo(160 / 1.96, 0);
    expect(scenario.sugars.sucrose).toBeGreaterThan(80);
    expect(sealedFrom(scenario)).toBeNull();
  });

  test('a corrected thermometer cuts the stage where it was corrected', () => {
    const scenario = scenarioOf(
      kitchen((diary) => diary.ago(30, { kind: 'kitchen-warmed', celsius: 24 })),
      null,
    );
    expect(scenario.stages.map(({ hours, celsius }) => [hours, celsius])).toEqual([
      [30, 21],
      [30 + lookAheadHours.counter, 24],
    ]);
  });

  test('bottling seals, with its priming and headspace', () => {
    const scenario = scenarioOf(
      kitchen((diary, id) => bottled(diary, id, 40, 7)),
      0,
    );
    expect(sealedFrom(scenario)).toBe(20);
    expect(scenario.liquidLitres).toBe(0.48);
    expect(scenario.stages[1]).toMatchObject({
      vessel: 'sealed',
      headspaceMl: 20,
      addSugars: { sucrose: 7 },
    });
    expect(Scenario.parse(scenario)).toEqual(scenario);
  });

  test('a chilled bottle is on the way for three hours, then cold', () => {
    const scenario = scenarioOf(
      kitchen((diary, id) => {
        const bottling = bottled(diary, id);
        diary.ago(10, { kind: 'bottles-moved', bottleIds: [`${bottling}-1`], place: 'fridge' });
      }),
      1,
    );
    expect(scenario.stages.slice(1).map(({ hours, celsius }) => [Math.round(hours), celsius])).toEqual([
      [30, 21],
      [3, 12.5],
      [7 + lookAheadHours.fridge, 4],
    ]);
    expect(scenario.stages.slice(2).every(({ addSugars }) => addSugars === undefined)).toBe(true);
  });

  test('a burp ends a stage at its moment, and takes pressure off there', () => {
    const calm = kitchen((diary, id) => void bottled(diary, id));
    const burped = kitchen(
      (diary, id) => void diary.ago(12, { kind: 'burped', bottleId: `${bottled(diary, id)}-1` }),
    );
    const group = bottleGroups(burped.batch).findIndex(([first]) => first!.burps.length === 1);
    const scenario = scenarioOf(burped, group);
    expect(scenario.stages[1]).toMatchObject({ hours: 28, ventEveryHours: 28 });
    const gauge = (asked: Scenario) =>
      answerBatch({
        scenario: { ...asked, members: 8 },
        wantedVolumes: 2.5,
        limitBar: 2.8,
        wantedSweetness: 60,
      }).series.gauge[49]![2];
    expect(gauge(scenario)).toBeLessThan(gauge(scenarioOf(calm, 0)));
  });

  test('readings come with their hours, squeezes of a sibling included; an opening ends the story', () => {
    const told = kitchen((diary, id) => {
      diary.ago(50, { kind: 'gravity-read', batchId: id, gravity: 1.03 });
      diary.ago(49, { kind: 'tasted', batchId: id, sweet: 4, sour: 2 });
      const bottling = bottled(diary, id);
      diary.ago(20, { kind: 'squeezed', bottleId: `${bottling}-2`, feel: 'gives' });
      diary.ago(15, { kind: 'bottles-moved', bottleIds: [`${bottling}-3`], place: 'fridge' });
      diary.ago(2, {
        kind: 'opened',
        bottleId: `${bottling}-3`,
        opening: 'lively',
        sweet: 3,
        sour: 3,
        note: '',
      });
    });
    const kinds = (index: number) => scenarioOf(told, index).readings.map(({ kind, hour }) => [kind, hour]);
    expect(kinds(0)).toEqual([
      ['sg', 10],
      ['sweet', 11],
      ['sour', 11],
      ['squeeze', 40],
    ]);
    expect(kinds(1)).toEqual([
      ['sg', 10],
      ['sweet', 11],
      ['sour', 11],
      ['hiss', 58],
      ['sweet', 58],
      ['sour', 58],
    ]);
    const total = scenarioOf(told, 1).stages.reduce((sum, { hours }) => sum + hours, 0);
    expect(total).toBeCloseTo(59, 6);
  });

  test('bottles with one history are one group, those on the counter first', () => {
    const { batch } = kitchen((diary, id) => {
      const bottling = bottled(diary, id);
      diary.ago(10, { kind: 'bottles-moved', bottleIds: [`${bottling}-1`], place: 'fridge' });
    });
    expect(bottleGroups(batch).map((group) => group.map(({ number }) => number))).toEqual([[2, 3], [1]]);
  });

  test('the question does not change from minute to minute', () => {
    const { household, batch } = kitchen((diary, id) => void bottled(diary, id));
    const ask = (at: number) =>
      JSON.stringify(
        batchScenario({ batch, bottle: batch.bottles[0]!, warmth: household.warmth, learned, now: at }),
      );
    expect(ask(now + 60_000)).toBe(ask(now + 120_000));
  });

  test('a livelier draw pitches more vigour', () => {
    const { household, batch } = kitchen(() => undefined);
    const vigour = (doseLiveliness: number) =>
      batchScenario({
        batch: { ...batch, doseLiveliness },
        bottle: null,
        warmth: household.warmth,
        learned,
        now,
      })!.starter.vigour;
    expect(vigour(1)).toBeGreaterThan(vigour(0.3));
  });
});

describe('what a tale told twice leaves', () => {
  const twice = (kind: Entry['kind']) =>
    kitchen((diary, id) => {
      bottled(diary, id);
      if (kind === 'pitched') diary.ago(5, { kind: 'pitched', batchId: id, celsius: 20, doseMl: 10 });
      if (kind === 'bottled') bottled(diary, id, 5);
    }).batch;

  test('a batch is pitched once and bottled once', () => {
    expect(twice('pitched')).toMatchObject({ doseMl: 160, pitchedCelsius: 24 });
    expect(twice('bottled').bottles).toHaveLength(3);
  });

  test('it is finished when the last bottle is open', () => {
    const { batch } = kitchen((diary, id) => {
      const bottling = bottled(diary, id);
      for (const n of [1, 2, 3])
        diary.ago(n, {
          kind: 'opened',
          bottleId: `${bottling}-${n}`,
          opening: 'gentle',
          sweet: 3,
          sour: 2,
          note: '',
        });
    });
    expect(batch.stage).toBe('finished');
    expect(batch.ledger.map(({ what }) => what)).toContain('Opened, gentle: bottle 3');
  });
});
