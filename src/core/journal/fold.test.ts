import { Diary } from '../../demo/diary';
import type { Act } from './entry';
import { project } from './fold';

const now = Date.UTC(2026, 4, 4, 18);
const diary = () => new Diary(now, 0);
const begun: Act = {
  kind: 'starter-begun',
  name: 'Ada',
  culture: 'ginger-bug',
  jarMl: 750,
  waterMl: 400,
  gingerGrams: 20,
  sugarGrams: 20,
};

describe('a starter’s story', () => {
  test('the mark is where it was first filled; feeds raise the level little, draws lower it', () => {
    const d = diary();
    const id = d.ago(100, begun);
    const first = project(d.entries).starters[id]!;
    expect(first.markMl).toBe(432);
    expect(first.percent).toEqual({ ginger: 5, sugar: 5 });
    d.ago(50, { kind: 'fed', starterId: id, gingerGrams: 12, sugarGrams: 12, waterMl: 60 });
    expect(project(d.entries).starters[id]!.levelMl).toBeCloseTo(432.4 + 60 + 3.6, 6);
    const batchId = d.ago(30, {
      kind: 'batch-begun',
      name: 'Sloe',
      starterId: id,
      waterMl: 1000,
      gingerGrams: 30,
      sugarGrams: 90,
      doseMl: 80,
      wantedVolumes: 2,
    });
    expect(project(d.entries).starters[id]!.levelMl).toBeGreaterThan(490);
    d.ago(29, { kind: 'pitched', batchId, celsius: 22, doseMl: 100 });
    const drawn = project(d.entries).starters[id]!;
    expect(drawn.levelMl).toBeCloseTo(396, 6);
    expect(drawn.lastDrawnAt).toBe(now - 29 * 3_600_000);
    expect(drawn.ledger.map(({ what }) => what)).toEqual([
      'Begun with 400 ml water, 20 g ginger, 20 g sugar',
      'Fed 12 g ginger, 12 g sugar, 60 ml water',
      'Drew 100 ml for Sloe',
    ]);
    expect(project(d.entries).batches[batchId]).toMatchObject({
      stage: 'first-ferment',
      doseMl: 100,
      pitchedCelsius: 22,
    });
  });

  test('a jar never holds more than itself, and a draw never leaves less than nothing', () => {
    const d = diary();
    const id = d.ago(100, begun);
    d.ago(90, { kind: 'fed', starterId: id, gingerGrams: 10, sugarGrams: 10, waterMl: 5000 });
    expect(project(d.entries).starters[id]!.levelMl).toBe(750);
    const batchId = d.ago(30, {
      kind: 'batch-begun',
      name: 'Sloe',
      starterId: id,
      waterMl: 9000,
      gingerGrams: 30,
      sugarGrams: 90,
      doseMl: 80,
      wantedVolumes: 2,
    });
    d.ago(29, { kind: 'pitched', batchId, celsius: 22, doseMl: 2000 });
    expect(project(d.entries).starters[id]!.levelMl).toBe(0);
  });

  test('a clock set back does not put a feed before its jar', () => {
    const d = diary();
    const id = d.ago(10, begun);
    d.ago(12, { kind: 'fed', starterId: id, gingerGrams: 12, sugarGrams: 12, waterMl: 0 });
    expect(project(d.entries).starters[id]).toMatchObject({ feeds: 1, lastFedAt: now - 12 * 3_600_000 });
  });

  test('rest stops the clock of ripening, waking starts it again', () => {
    const d = diary();
    const id = d.ago(240, begun);
    d.ago(144, { kind: 'starter-moved', starterId: id, place: 'fridge' });
    const resting = project(d.entries).starters[id]!;
    d.ago(24, { kind: 'starter-moved', starterId: id, place: 'counter' });
    const awake = project(d.entries).starters[id]!;
    expect(resting).toMatchObject({ place: 'fridge' });
    expect(resting.ripeHours).toBeGreaterThan(70);
    expect(awake.ripeHours - resting.ripeHours).toBeLessThan(10);
    expect(awake.place).toBe('counter');
    d.ago(1, { kind: 'looked', starterId: id, foam: 'riding' });
    expect(project(d.entries).starters[id]!.lastSeen).toEqual({ at: now - 3_600_000, foam: 'riding' });
  });

  test('a batch whose starter is gone can still be pitched', () => {
    const d = diary();
    const batchId = d.ago(30, {
      kind: 'batch-begun',
      name: 'Sloe',
      starterId: '0mi81234000000ab1',
      waterMl: 1000,
      gingerGrams: 30,
      sugarGrams: 90,
      doseMl: 80,
      wantedVolumes: 2,
    });
    d.ago(29, { kind: 'pitched', batchId, celsius: 22, doseMl: 80 });
    expect(project(d.entries).batches[batchId]).toMatchObject({ stage: 'first-ferment', doseLiveliness: 1 });
  });
});

describe('a bottle’s story', () => {
  test('squeezes, burps, moves and opening stay with the bottle they were of', () => {
    const d = diary();
    const starterId = d.ago(200, begun);
    const batchId = d.ago(70, {
      kind: 'batch-begun',
      name: 'Sloe',
      starterId,
      waterMl: 1400,
      gingerGrams: 30,
      sugarGrams: 120,
      doseMl: 100,
      wantedVolumes: 2,
    });
    d.ago(69, { kind: 'pitched', batchId, celsius: 22, doseMl: 100 });
    const bottling = d.ago(50, {
      kind: 'bottled',
      batchId,
      vessel: 'plastic-soda',
      count: 3,
      bottleMl: 500,
      headspaceMl: 20,
      primingGramsPerLitre: 0,
    });
    d.ago(40, { kind: 'squeezed', bottleId: `${bottling}-1`, feel: 'gives' });
    d.ago(39, { kind: 'burped', bottleId: `${bottling}-2` });
    d.ago(20, { kind: 'bottles-moved', bottleIds: [`${bottling}-2`, `${bottling}-3`], place: 'fridge' });
    d.ago(3, {
      kind: 'opened',
      bottleId: `${bottling}-3`,
      opening: 'gusher',
      sweet: 2,
      sour: 4,
      note: 'Too long.',
    });
    d.ago(2, { kind: 'squeezed', bottleId: `${bottling}-9`, feel: 'rock' });
    const batch = project(d.entries).batches[batchId]!;
    const [one, two, three] = batch.bottles;
    expect(one).toMatchObject({ place: 'counter', squeezes: [{ feel: 'gives' }], burps: [] });
    expect(two).toMatchObject({ place: 'fridge', burps: [now - 39 * 3_600_000], opened: null });
    expect(three!.opened).toMatchObject({ opening: 'gusher', note: 'Too long.' });
    expect(batch.stage).toBe('bottled');
    expect(batch.ledger.at(-1)!.what).toBe('Opened, gusher: bottle 3');
  });
});
