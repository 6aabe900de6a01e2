import type { Entry } from '../core/journal/entry';
import { Diary } from './diary';

const day = 24;

/**
 * The invented household at Lark Mill: two bugs, a few months of sodas, and today something in every state. All names,
 * flavours, amounts and readings are made up.
 *
 * @param now instant the household is laid around, ms since 1970
 * @param offset minutes east of UTC
 */
export function demoHousehold(now: number, offset: number): Entry[] {
  const diary = new Diary(now, offset);
  diary.ago(96 * day, { kind: 'kitchen-warmed', celsius: 20.5 });
  const pepper = beginBug(diary, 95 * day, 'Old Pepper', 1000, 620, 31, 30);
  for (let week = 0; week < 4; week++) feed(diary, pepper, (94 - week * 4) * day, 18, 0);
  pastBatch(diary, pepper, {
    ago: 80 * day,
    name: 'Quince and thyme',
    sugar: 165,
    warmHours: 66,
    opening: 'lively',
    sweet: 3,
    sour: 2,
  });
  feed(diary, pepper, 79 * day, 18, 170);
  pastBatch(diary, pepper, {
    ago: 62 * day,
    name: 'Medlar and bay',
    sugar: 150,
    warmHours: 80,
    opening: 'lively',
    sweet: 3,
    sour: 3,
  });
  feed(diary, pepper, 61 * day, 18, 170);
  pastBatch(diary, pepper, {
    ago: 44 * day,
    name: 'Celery and lime leaf',
    sugar: 140,
    warmHours: 58,
    opening: 'gentle',
    sweet: 3,
    sour: 2,
  });
  feed(diary, pepper, 43 * day, 18, 170);
  feed(diary, pepper, 20 * day + 4, 20, 0);
  diary.ago(20 * day, { kind: 'starter-moved', starterId: pepper, place: 'fridge' });
  diary.ago(19 * day, { kind: 'kitchen-warmed', celsius: 22 });
  const nib = beginBug(diary, 17 * day, 'Nib', 750, 520, 26, 25);
  for (let days = 16; days >= 8; days -= 1) feed(diary, nib, days * day + 2, 16, 0);
  coldBatch(diary, nib);
  for (let days = 6; days >= 3; days -= 1) feed(diary, nib, days * day + 2, 16, days === 6 ? 120 : 0);
  fizzingBatch(diary, nib);
  feed(diary, nib, 2.45 * day, 16, 130);
  firstFerment(diary, nib);
  feed(diary, nib, 23.5, 16, 110);
  diary.ago(23.4, { kind: 'kitchen-warmed', celsius: 22.5 });
  diary.ago(13, { kind: 'looked', starterId: nib, foam: 'good' });
  mixedBatch(diary, nib);
  return diary.entries;
}

function beginBug(
  diary: Diary,
  ago: number,
  name: string,
  jarMl: number,
  waterMl: number,
  gingerGrams: number,
  sugarGrams: number,
) {
  return diary.ago(ago, {
    kind: 'starter-begun',
    culture: 'ginger-bug',
    name,
    jarMl,
    waterMl,
    gingerGrams,
    sugarGrams,
  });
}

function feed(diary: Diary, starterId: string, ago: number, grams: number, waterMl: number) {
  diary.ago(ago, { kind: 'fed', starterId, gingerGrams: grams, sugarGrams: grams, waterMl });
}

interface Past {
  readonly ago: number;
  readonly name: string;
  readonly sugar: number;
  readonly warmHours: number;
  readonly opening: 'still' | 'gentle' | 'lively' | 'gusher';
  readonly sweet: number;
  readonly sour: number;
}

/** A batch long poured: it left something to learn from. */
function pastBatch(diary: Diary, starterId: string, past: Past) {
  feed(diary, starterId, past.ago + 13, 18, 0);
  const batchId = diary.ago(past.ago, {
    kind: 'batch-begun', name: past.name, starterId, waterMl: 1750, gingerGrams: 55, sugarGrams: past.sugar, doseMl: 165, wantedVolumes: 2.5,
  }); // prettier-ignore
  diary.ago(past.ago - 1, { kind: 'pitched', batchId, celsius: 25, doseMl: 165 });
  diary.ago(past.ago - 20, { kind: 'tasted', batchId, sweet: 4, sour: 2 });
  const bottled = diary.ago(past.ago - 22, {
    kind: 'bottled', batchId, vessel: 'crown-cap', count: 4, bottleMl: 500, headspaceMl: 20, primingGramsPerLitre: 0,
  }); // prettier-ignore
  const ids = [1, 2, 3, 4].map((n) => `${bottled}-${n}`);
  diary.ago(past.ago - past.warmHours, { kind: 'bottles-moved', bottleIds: ids, place: 'fridge' });
  ids.forEach((bottleId, index) => {
    const { opening, sweet, sour } = past;
    diary.ago(past.ago - past.warmHours - 60 - index * 30, {
      kind: 'opened',
      bottleId,
      opening,
      sweet,
      sour,
      note: index === 0 ? 'Good. Same again.' : '',
    });
  });
}

/** In the fridge, part of it opened. */
function coldBatch(diary: Diary, starterId: string) {
  const batchId = diary.ago(7.6 * day, {
    kind: 'batch-begun', name: 'Pear and fennel', starterId, waterMl: 1300, gingerGrams: 45, sugarGrams: 120, doseMl: 125, wantedVolumes: 2.3,
  }); // prettier-ignore
  diary.ago(7.5 * day, { kind: 'pitched', batchId, celsius: 24, doseMl: 125 });
  const bottled = diary.ago(6.7 * day, {
    kind: 'bottled', batchId, vessel: 'swing-top', count: 3, bottleMl: 500, headspaceMl: 20, primingGramsPerLitre: 0,
  }); // prettier-ignore
  diary.ago(5.6 * day, { kind: 'squeezed', bottleId: `${bottled}-3`, feel: 'firm' });
  diary.ago(5.3 * day, {
    kind: 'bottles-moved',
    bottleIds: [1, 2, 3].map((n) => `${bottled}-${n}`),
    place: 'fridge',
  });
  diary.ago(2.2 * day, {
    kind: 'opened',
    bottleId: `${bottled}-1`,
    opening: 'gentle',
    sweet: 4,
    sour: 2,
    note: 'A day more next time.',
  });
}

/** On the counter and near its limit: four glass bottles and a plastic pilot. */
function fizzingBatch(diary: Diary, starterId: string) {
  const batchId = diary.ago(1.48 * day, {
    kind: 'batch-begun', name: 'Plum and bay', starterId, waterMl: 1980, gingerGrams: 70, sugarGrams: 185, doseMl: 150, wantedVolumes: 2.5,
  }); // prettier-ignore
  diary.ago(1.45 * day, { kind: 'pitched', batchId, celsius: 25, doseMl: 150 });
  diary.ago(25.5, { kind: 'tasted', batchId, sweet: 4, sour: 1 });
  diary.ago(25, { kind: 'gravity-read', batchId, gravity: 1.031 });
  const bottled = diary.ago(24.5, {
    kind: 'bottled', batchId, vessel: 'swing-top', count: 4, bottleMl: 500, headspaceMl: 20, primingGramsPerLitre: 0,
  }); // prettier-ignore
  diary.ago(7, { kind: 'squeezed', bottleId: `${bottled}-4`, feel: 'gives' });
  diary.ago(2, { kind: 'bottles-moved', bottleIds: [`${bottled}-1`], place: 'fridge' });
}

/** In its jar, nearly ready to bottle. */
function firstFerment(diary: Diary, starterId: string) {
  const batchId = diary.ago(2 * day, {
    kind: 'batch-begun', name: 'Rhubarb and sage', starterId, waterMl: 1600, gingerGrams: 50, sugarGrams: 140, doseMl: 120, wantedVolumes: 2.2,
  }); // prettier-ignore
  diary.ago(1.9 * day, { kind: 'pitched', batchId, celsius: 23, doseMl: 120 });
  diary.ago(1, { kind: 'tasted', batchId, sweet: 4, sour: 2 });
}

/** Mixed and cooling. */
function mixedBatch(diary: Diary, starterId: string) {
  diary.ago(1.5, {
    kind: 'batch-begun', name: 'Beetroot and juniper', starterId, waterMl: 900, gingerGrams: 30, sugarGrams: 85, doseMl: 80, wantedVolumes: 2.4,
  }); // prettier-ignore
}
