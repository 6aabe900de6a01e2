import type { Entry } from '../core/journal/entry';
import { Diary } from './diary';
import { cupboard, keptThings, springSoda } from './recipes';
import {
  beginBug,
  bottle,
  feed,
  listen,
  mix,
  move,
  opened,
  pitch,
  squeeze,
  tasted,
  type Kitchen,
} from './acts';
import { hourMs } from '@/core/duration';

const day = 24;

/**
 * The invented household at Lark Mill: two bugs, a jar of grains, a few months of sodas, and today something in every state.
 * All names, flavours, amounts and readings are made up.
 *
 * @param now instant the household is laid around, ms since 1970
 * @param offset minutes east of UTC
 */
export function demoHousehold(now: number, offset: number): Entry[] {
  const diary = new Diary(now, offset);
  diary.ago(96 * day, { kind: 'temperature-set', place: 'counter', celsius: 20.5 });
  const pepper = beginBug(diary, 95 * day, 'Old Pepper', 1000, 620, 31, 30);
  for (let days = 94; days >= 88; days--) feed(diary, pepper, days * day, 18, 0);
  for (const [ago, name, sugar, warm, how, sweet, sour] of past)
    pastBatch(diary, pepper, { ago: ago * day, name, sugar, warm, how, sweet, sour });
  feed(diary, pepper, 20 * day + 4, 20, 0);
  move(diary, 20 * day, [pepper], 'fridge');
  diary.ago(19 * day, { kind: 'temperature-set', place: 'counter', celsius: 22 });
  const nib = beginBug(diary, 17 * day, 'Nib', 750, 520, 26, 25);
  for (let days = 16; days >= 8; days--) feed(diary, nib, days * day + 2, 16, 0);
  keptThings(diary, 7.5 * day);
  cupboard(diary, 7.5 * day, (hoursAgo) => Math.round(now - hoursAgo * hourMs));
  coldBatch(diary, nib);
  for (let days = 6; days >= 3; days--) feed(diary, nib, days * day + 2, 16, days === 6 ? 120 : 0);
  fizzingBatch(diary, nib);
  feed(diary, nib, 2.45 * day, 16, 130);
  firstFerment(diary, nib);
  feed(diary, nib, 23.5, 16, 110);
  diary.ago(23.4, { kind: 'temperature-set', place: 'counter', celsius: 22.5 });
  grains(diary);
  diary.ago(13, { kind: 'observed', lotId: nib, signs: { foam: 'good', smell: 'yeasty' } });
  mix(diary, 1.5, {
    name: 'Beetroot and juniper',
    base: 'ginger-tea',
    water: 900,
    sugar: 85,
    with: [
      ['beetroot', 60],
      ['juniper', 2],
    ],
    starter: nib,
    dose: 80,
    fizz: 2.4,
  });
  return diary.entries;
}

type Opening = 'still' | 'gentle' | 'lively' | 'gusher';

/** Batches long poured: days ago, name, sugar, hours until chilled, how they opened, sweet and sour of five. */
const past: readonly (readonly [number, string, number, number, Opening, number, number])[] = [
  [80, 'Quince and thyme', 165, 66, 'lively', 3, 2],
  [62, 'Medlar and bay', 150, 80, 'lively', 3, 3],
  [44, 'Celery and lime leaf', 140, 58, 'gentle', 3, 2],
];

interface Past {
  readonly ago: number;
  readonly name: string;
  readonly sugar: number;
  readonly warm: number;
  readonly how: Opening;
  readonly sweet: number;
  readonly sour: number;
}

/** A batch long poured: it left something to learn from. */
function pastBatch(diary: Kitchen, starter: string, { ago, name, sugar, warm, how, sweet, sour }: Past) {
  for (const before of [4, 3, 2, 1]) feed(diary, starter, ago + before * day - 10, 18, 0);
  const brew = mix(diary, ago, {
    name,
    base: 'ginger-tea',
    water: 1720,
    sugar,
    with: [['ginger', 55]],
    starter,
    dose: 165,
    fizz: 2.5,
  });
  pitch(diary, ago - 1, starter, brew, 165, 25);
  diary.ago(ago - 20, { kind: 'tasted', lotId: brew, sweet: 4, sour: 2 });
  const bottles = bottle(diary, ago - 22, brew, {
    vessel: 'crown-cap',
    count: 4,
    ml: 500,
    fill: 475,
    other: { from: 3, variant: 'with honey', mark: 'ring', what: 'honey', grams: 4 },
  });
  move(diary, ago - warm, bottles, 'fridge');
  bottles.forEach((id, index) =>
    opened(diary, ago - warm - 60 - index * 30, id, how, sweet, sour, index === 0 ? 'Good. Same again.' : ''),
  );
  // Each tastes the first plain one and the first with honey.
  for (const [index, ida, bo] of [
    [0, 4, 3],
    [2, 5, 3],
  ] as const) {
    const at = ago - warm - 60.5 - index * 30;
    tasted(diary, at, bottles[index]!, 'Ida', { sweet, sour, fizz: 3, aroma: 3, liking: ida });
    tasted(diary, at, bottles[index]!, 'Bo', { sweet: sweet + 1, sour, fizz: 4, liking: bo });
  }
  feed(diary, starter, ago - day, 18, 170);
}

/** In the fridge, part of it opened. */
function coldBatch(diary: Kitchen, starter: string) {
  const brew = mix(diary, 7.6 * day, {
    name: 'Pear and fennel',
    base: 'fruit',
    water: 1250,
    sugar: 112,
    with: [
      ['pear', 90],
      ['fennel-seed', 4],
      ['ginger', 20],
    ],
    starter,
    dose: 125,
    fizz: 2.3,
  });
  pitch(diary, 7.5 * day, starter, brew, 125, 24);
  const bottles = bottle(diary, 6.7 * day, brew, {
    vessel: 'swing-top',
    count: 3,
    ml: 500,
    fill: 480,
    stock: 'swing-500',
  });
  listen(diary, 5.6 * day, bottles[2]!, 'good');
  move(diary, 5.3 * day, bottles, 'fridge');
  opened(diary, 2.2 * day, bottles[0]!, 'gentle', 4, 2, 'A day more next time.');
}

/** On the counter and near its limit: glass bottles of one dose, a plastic pilot of another. */
function fizzingBatch(diary: Kitchen, starter: string) {
  const brew = mix(diary, 1.48 * day, {
    name: 'Plum and bay',
    base: 'ginger-tea',
    water: 1790,
    sugar: 172,
    with: [
      ['plum-puree', 110],
      ['bay', 2],
      ['ginger', 50],
    ],
    starter,
    dose: 160,
    fizz: 2.5,
  });
  pitch(diary, 1.45 * day, starter, brew, 160, 25);
  diary.ago(25.5, { kind: 'tasted', lotId: brew, sweet: 4, sour: 1 });
  diary.ago(25, { kind: 'measured', lotId: brew, quantity: 'sg', value: 1.031 });
  const bottles = bottle(diary, 24.5, brew, {
    vessel: 'swing-top',
    count: 4,
    ml: 500,
    fill: 480,
    stock: 'swing-500',
    pilot: 4,
  });
  squeeze(diary, 7, bottles[3]!, 'gives');
  move(diary, 2, [bottles[0]!], 'fridge');
}

/** In its jar, nearly ready to bottle. */
function firstFerment(diary: Kitchen, starter: string) {
  const brew = mix(diary, 2 * day, {
    name: 'Rhubarb and sage',
    base: 'ginger-tea',
    water: 1550,
    sugar: 138,
    with: [
      ['rhubarb', 120],
      ['sage', 3],
    ],
    starter,
    dose: 120,
    fizz: 2.2,
    from: springSoda,
  });
  pitch(diary, 1.9 * day, starter, brew, 120, 23);
  diary.ago(1 * day, { kind: 'tasted', lotId: brew, sweet: 4, sour: 2, by: 'Ida' });
  diary.ago(20, { kind: 'stirred', lots: [brew] });
}

/** Water kefir grains in their cycle. */
function grains(diary: Kitchen) {
  diary.ago(20, {
    kind: 'lot-begun',
    role: 'starter',
    name: 'The pearls',
    vessel: { kind: 'jar', ml: 1000 },
    closure: 'cloth',
    place: 'counter',
    culture: 'water-kefir-grains',
    portions: [
      { what: 'water', ml: 800 },
      { what: 'cane-sugar', grams: 50 },
      { what: 'kefir-grains', grams: 48 },
      { what: 'molasses', grams: 4 },
    ],
  });
}
