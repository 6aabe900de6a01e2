import { doseRows, keepingRows } from './cultures.test-tool';
import {
  bareId,
  cultureOfIngredient,
  cultures,
  firstKind,
  keptKinds,
  knownCultures,
  lastBatchId,
  peelId,
  publishedCultures,
  sedimentId,
  withGuest,
} from './registry';
import { perMl } from './culture';

// What a dose brings, checked against the sources the kinds name. Cells in g per unit of dose.
// id | unit | yeast | lactics | acetics | lag work | heterolactic | lactic acid | vigour spread | sugar left g/L | dose low, usual, high
const doses = `
ginger-bug | ml | 0.00068 | 0.00012 | 0 | 1.45 | 0.5 | 0.004 | 0.3 | 12 | 0.05 0.08 0.12
water-kefir-grains | g | 0.014 | 0.0034 | 0.0004 | 0.85 | 0.5 | 0 | 0.26 | 0 | 40 60 90
water-kefir-liquid | ml | 0.00005 | 0.0001 | 0.00001 | 0.5 | 0.5 | 0.003 | 0.3 | 25 | 0.05 0.1 0.5
whey | ml | 0.00004 | 0.00035 | 0 | 1.5 | 0.35 | 0.006 | 0.36 | 0 | 0.015 0.025 0.035
wild | ml | 0.00025 | 0.00008 | 0.000004 | 1 | 0.5 | 0.002 | 0.36 | 40 | 0.06 0.12 0.25
bare | g | 0 | 0 | 0 | 3 | 0.6 | 0 | 0.36 | 0 | 0 0 0
wine-yeast | g | 0.7 | 0 | 0 | 0.3 | 0.5 | 0 | 0.3 | 0 | 0.3 0.5 1
ale-yeast | g | 0.65 | 0 | 0 | 0.9 | 0.5 | 0 | 0.3 | 0 | 0.3 0.5 1
bread-yeast | g | 0.85 | 0.001 | 0 | 0.5 | 0.5 | 0 | 0.3 | 0 | 0.3 0.5 1
tea-mother | ml | 0.00035 | 0.00005 | 0.0004 | 0.8 | 0.5 | 0.002 | 0.28 | 30 | 0.1 0.12 0.15
last-batch | ml | 0.0006 | 0.0001 | 0.000002 | 0.8 | 0.5 | 0.002 | 0.28 | 40 | 0.05 0.1 0.2
peel | g | 0 | 0 | 0 | 2 | 0.6 | 0 | 0.36 | 0 | 0 0 0
sediment | ml | 0.004 | 0.0006 | 0.000002 | 1.4 | 0.5 | 0.002 | 0.4 | 40 | 0.005 0.01 0.03
`;

// How a jar of it is kept.
// id | begun with, shares | fed with shares, every h | renewed | fresh cells g/L and lag | settled cells g/L | ripe by, opens, closes | ripe days | must stay, rest h, weeks cold | closure, base
const kept = `
ginger-bug | ginger 0.04–0.06 sugar 0.04–0.06 | 0.03 0.03 24 | no | 0.0006 0.0003 0 2.4 | 5 0.3 0 | liveliness 0.6 0.5 | 3 4.5 7 | 0.4 24 4 | cloth raw-ginger
water-kefir-grains | kefir-grains 0.04–0.09 sugar 0.05–0.08 | 0 0.06 36 | yes | 0.6 0.17 0.005 0.8 | 1.2 0.36 0.005 | eaten 0.35 0.8 | 1 1.6 3 | 0 0 3 | cloth mineral-sugar
whey | whey 0–0 sugar 0–0 | 0 0 240 | no | 0.04 0.35 0 1.5 | 0.04 0.35 0 | alive 0.6 0.5 | 0 0 0 | 0 0 2 | loose-lid mineral-sugar
wild | elderflower 0.05–0.6 sugar 0.1–0.2 | 0 0.03 168 | no | 0.0006 0.0002 0.00002 2.6 | 0.5 0.15 0.004 | liveliness 0.6 0.5 | 2 3 7 | 0.3 24 4 | loose-lid herb-tea
tea-mother | black-tea 0.004–0.01 sugar 0.05–0.08 | 0.006 0.06 192 | yes | 0.04 0.006 0.05 0.8 | 0.35 0.05 0.4 | acids 6.2 12 | 5 7 10 | 0.12 120 8 | cloth black-tea
last-batch | sediment 0–0 sugar 0–0 | 0 0 240 | no | 0.6 0.1 0.002 0.8 | 0.6 0.1 0.002 | alive 0.6 0.5 | 0 0 0 | 0 0 2 | loose-lid ginger-tea
sediment | sediment 0–0 sugar 0–0 | 0 0 240 | no | 4 0.6 0.002 1.4 | 4 0.6 0.002 | alive 0.6 0.5 | 0 0 0 | 0 0 3 | loose-lid ginger-tea
`;

const lines = (table: string) => table.trim().split('\n');

test('what a dose brings is what was checked', () => expect(doseRows(cultures)).toEqual(lines(doses)));

test('a jar is kept as was checked', () => expect(keepingRows(keptKinds)).toEqual(lines(kept)));

test('what lives on raw ginger and on peel needs no dose: cells in g/L', () => {
  expect(cultures.filter(({ bare }) => bare).map(({ id, bare }) => [id, bare])).toEqual([
    ['bare', { yeast: 0.0003, lactics: 0.0003 }],
    ['peel', { yeast: 0.004, lactics: 0.002 }],
  ]);
  expect([bareId, peelId]).toEqual(['bare', 'peel']);
});

test('grains crowd one another above 50 g/L, nothing else does; their strained liquid is a kind of its own', () => {
  expect(cultures.filter(({ crowding }) => crowding).map(({ id, crowding }) => [id, crowding])).toEqual([
    ['water-kefir-grains', { reference: 50, power: 0.55 }],
  ]);
  expect(cultures.filter(({ liquidKind }) => liquidKind).map(({ liquidKind }) => liquidKind)).toEqual([
    'water-kefir-liquid',
  ]);
});

test('a settled jar holds at least what a usual dose of it brings', () => {
  for (const { id, unit, yeast, keeping } of keptKinds)
    if (unit === 'ml') expect([id, keeping.settledYeast >= yeast * 1000 * 0.99]).toEqual([id, true]);
});

test('kinds are found by id and by what is put in', () => {
  expect(knownCultures(null)).toBeNull();
  expect(knownCultures('nobody')).toBeNull();
  expect(knownCultures('whey')!.name).toBe('whey');
  expect(
    ['kefir-grains', 'dried-kefir-grains', 'live-yoghurt', 'pellicle', 'ale-yeast', 'sediment', 'ginger'].map(
      (what) => cultureOfIngredient(what)?.id ?? null,
    ),
  ).toEqual([
    'water-kefir-grains',
    'water-kefir-grains',
    'whey',
    'tea-mother',
    'ale-yeast',
    'sediment',
    null,
  ]);
  expect([firstKind.id, lastBatchId, sedimentId]).toEqual(['ginger-bug', 'last-batch', 'sediment']);
});

test('a guest is known to its own table only, and hides nobody', () => {
  const guest = { ...firstKind, id: 'guest', name: 'guest' };
  const table = withGuest(guest);
  expect(table('guest')).toBe(guest);
  expect(table('whey')).toBe(knownCultures('whey'));
  expect([table(null), table('nobody'), knownCultures('guest')]).toEqual([null, null, null]);
});

test('the published scenario names eleven kinds, in this order for good', () => {
  expect(publishedCultures).toEqual([
    'ginger-bug',
    'water-kefir-grains',
    'water-kefir-liquid',
    'whey',
    'wild',
    'bare',
    'wine-yeast',
    'ale-yeast',
    'bread-yeast',
    'tea-mother',
    'last-batch',
  ]);
  expect(perMl(250)).toBe(0.25);
});
