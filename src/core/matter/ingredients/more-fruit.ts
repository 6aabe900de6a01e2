import { ingredientFamily, type IngredientRow } from '../ingredient';
import { t } from '../../language/t';

const source =
  'food composition tables (USDA FoodData Central and CIQUAL ranges); cup weights and soak-up: practice';

/** name, then percent by mass of water, sucrose, glucose, fructose, citric and malic acid, minerals, then g/ml in a cup, cut up or whole. */
type Row = readonly [string, number, number, number, number, number, number, number, number];

/** Fruit as bought, stones and cores out. Sugar varies by a third with ripeness. */
const rows = {
  mango: [t`Mango`, 83.5, 7, 2, 4.7, 0.3, 0.1, 0.4, 0.7],
  grape: [t`Grape`, 81, 0.2, 7.2, 8.1, 0.1, 0.5, 0.4, 0.64],
  grapefruit: [t`Grapefruit`, 90, 3.3, 1.6, 1.8, 1.3, 0.1, 0.4, 0.97],
  orange: [t`Orange`, 87, 4.3, 2, 2.3, 0.9, 0.15, 0.4, 0.76],
  mandarin: [t`Mandarin`, 85, 6, 2.1, 2.4, 0.8, 0.15, 0.4, 0.82],
  'blood-orange': [t`Blood orange`, 87, 3.8, 2, 2.3, 1.1, 0.15, 0.4, 0.76],
  lemon: [t`Lemon, whole`, 89, 0.4, 1, 1.1, 4.6, 0.2, 0.3, 0.9],
  lime: [t`Lime, whole`, 88, 0.5, 0.6, 0.6, 4.7, 0.2, 0.3, 0.9],
  yuzu: [t`Yuzu`, 88, 0.9, 1, 1.1, 4.2, 0.2, 0.4, 0.9],
  kumquat: [t`Kumquat`, 81, 3, 3, 3.3, 1.8, 0.2, 0.5, 0.65],
  bergamot: [t`Bergamot`, 88, 0.8, 1.4, 1.5, 4.5, 0.2, 0.4, 0.9],
  banana: [t`Banana`, 75, 6.5, 4.2, 3.8, 0.3, 0.4, 0.8, 0.63],
  kiwi: [t`Kiwi`, 83, 0.2, 4.1, 4.4, 1, 0.3, 0.6, 0.76],
  'passion-fruit': [t`Passion fruit`, 73, 3.1, 3.8, 3.1, 3, 0.4, 0.8, 1],
  guava: [t`Guava`, 81, 3, 2.1, 3, 0.7, 0.2, 0.6, 0.7],
  papaya: [t`Papaya`, 88, 0, 4.1, 3.7, 0.1, 0.1, 0.4, 0.61],
  lychee: [t`Lychee`, 82, 5, 4.6, 4.9, 0.1, 0.3, 0.4, 0.8],
  pomegranate: [t`Pomegranate seeds`, 78, 0.4, 6.5, 6.7, 1, 0.1, 0.5, 0.73],
  nectarine: [t`Nectarine`, 88, 4.9, 1.6, 1.4, 0.3, 0.5, 0.4, 0.6],
  blackcurrant: [t`Blackcurrant`, 82, 0.6, 3.2, 3.8, 2.7, 0.4, 0.7, 0.47],
  redcurrant: [t`Redcurrant`, 84, 0.6, 3.2, 3.5, 2, 0.3, 0.6, 0.47],
  whitecurrant: [t`Whitecurrant`, 84, 0.6, 3.4, 3.6, 1.8, 0.3, 0.6, 0.47],
  jostaberry: [t`Jostaberry`, 83, 0.6, 3.5, 3.9, 2, 0.6, 0.6, 0.55],
  blueberry: [t`Blueberry`, 84, 0.1, 4.9, 5, 0.5, 0.1, 0.3, 0.63],
  bilberry: [t`Bilberry`, 86, 0.2, 2.6, 3.3, 0.6, 0.5, 0.3, 0.6],
  cranberry: [t`Cranberry`, 87, 0.1, 3.3, 0.7, 1.1, 0.9, 0.2, 0.42],
  lingonberry: [t`Lingonberry`, 85, 0.3, 3.4, 3.6, 1.6, 0.3, 0.3, 0.5],
  cloudberry: [t`Cloudberry`, 84, 0.1, 2.9, 2.8, 0.8, 0.3, 0.5, 0.55],
  'sea-buckthorn': [t`Sea buckthorn berry`, 83, 0.1, 2.2, 0.7, 0.6, 2.3, 0.5, 0.6],
  mulberry: [t`Mulberry`, 88, 0.1, 4, 4, 0.5, 0.2, 0.7, 0.6],
  tayberry: [t`Tayberry`, 87, 0.2, 2.2, 2.6, 1.5, 0.3, 0.4, 0.55],
  boysenberry: [t`Boysenberry`, 86, 0.3, 3, 3.4, 1, 0.4, 0.4, 0.55],
  chokeberry: [t`Aronia berry`, 80, 0.2, 4.1, 3.6, 0.2, 1.1, 0.6, 0.6],
  rowanberry: [t`Rowan berry, cooked`, 75, 0.2, 3.8, 4.3, 0.3, 2.2, 0.7, 0.6],
  haw: [t`Haw`, 74, 0.8, 4.5, 5.3, 0.6, 0.3, 0.8, 0.6],
  sloe: [t`Sloe`, 76, 0.3, 4.2, 2.9, 0.1, 2, 0.7, 0.6],
  damson: [t`Damson`, 80, 1.2, 5.2, 3.4, 0.1, 2, 0.6, 0.62],
  mirabelle: [t`Mirabelle`, 82, 4.6, 5.1, 4.3, 0.05, 1, 0.5, 0.65],
  greengage: [t`Greengage`, 81, 4.8, 5, 3.6, 0.05, 1, 0.5, 0.65],
  'sour-cherry': [t`Sour cherry`, 86, 0.4, 4.2, 3.5, 0.1, 1.7, 0.4, 0.6],
  'crab-apple': [t`Crab apple`, 79, 1.9, 3, 6.5, 0.1, 1.5, 0.4, 0.5],
  persimmon: [t`Persimmon`, 80, 1.5, 5.4, 5.6, 0.1, 0.2, 0.4, 0.7],
  fig: [t`Fresh fig`, 79, 0.4, 8.4, 7.2, 0.3, 0.1, 0.7, 0.65],
  'prickly-pear': [t`Prickly pear`, 88, 0.2, 4.6, 3, 0.1, 0.1, 0.8, 0.65],
  'dragon-fruit': [t`Dragon fruit`, 87, 0.2, 5.4, 2.8, 0.1, 0.3, 0.5, 0.75],
  starfruit: [t`Starfruit`, 91, 0.8, 1.9, 1.9, 0.2, 0.4, 0.3, 0.55],
  feijoa: [t`Feijoa`, 83, 2.9, 2.3, 3, 0.6, 0.3, 0.5, 0.7],
  soursop: [t`Soursop`, 81, 4.3, 4.6, 4.1, 0.8, 0.4, 0.6, 0.95],
  jackfruit: [t`Jackfruit`, 74, 8.5, 5.1, 5.3, 0.2, 0.2, 0.9, 0.65],
  loquat: [t`Loquat`, 86, 1, 3.6, 5, 0.1, 0.8, 0.4, 0.63],
  physalis: [t`Cape gooseberry`, 85, 3.6, 2.7, 2.4, 1.2, 0.2, 0.6, 0.6],
  watermelon: [t`Watermelon`, 91.5, 1.2, 1.6, 3.4, 0.1, 0.1, 0.3, 0.65],
  tamarind: [t`Tamarind pulp`, 31, 0.5, 28, 28, 0.3, 0.5, 2.7, 0.5],
} as const satisfies Readonly<Record<string, Row>>;

/** Fruit dried: it gives its sugar over a day, and drinks. */
const dried = {
  date: [t`Date`, 21, 4, 31, 32, 0.1, 0.2, 1.6, 0.62],
  prune: [t`Prune`, 31, 0.2, 25.5, 12.5, 0.2, 1.5, 1.5, 0.72],
  'dried-apricot': [t`Dried apricot`, 31, 7.9, 33, 12.5, 0.8, 1.3, 2.6, 0.55],
  'dried-cranberry': [t`Dried cranberry, sweetened`, 16, 29, 22, 16, 1.2, 0.8, 0.3, 0.5],
  'dried-apple': [t`Dried apple`, 32, 8, 9.5, 24, 0.1, 1.6, 1.1, 0.36],
  currant: [t`Currant, dried`, 19, 0.5, 32, 34, 0.3, 0.8, 1.7, 0.6],
  'goji-berry': [t`Goji berry, dried`, 12, 0.5, 23, 22, 0.8, 0.3, 3, 0.45],
} as const satisfies Readonly<Record<string, Row>>;

const rowOf = ([
  name,
  water,
  sucrose,
  glucose,
  fructose,
  citric,
  malic,
  minerals,
  cup,
]: Row): IngredientRow => ({
  name,
  percent: { water, sucrose, glucose, fructose, citric, malic, minerals },
  density: 1.0,
  spooned: { chopped: cup, whole: cup, pureed: 1.03 },
  typical: [60, 350],
});

const table = <K extends string>(of: Readonly<Record<K, Row>>): Readonly<Record<K, IngredientRow>> =>
  Object.fromEntries(Object.entries<Row>(of).map(([id, row]) => [id, rowOf(row)])) as Record<
    K,
    IngredientRow
  >;

export const moreFruit = ingredientFamily(
  'fruit',
  source,
  { gives: 0.7, soaks: 0.5, rest: 'inert' },
  table(rows),
);
export const driedFruit = ingredientFamily(
  'fruit',
  source,
  { gives: 0.6, soaks: 0.9, rest: 'inert' },
  table(dried),
);
