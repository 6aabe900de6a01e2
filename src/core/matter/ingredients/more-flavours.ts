import { ingredientFamily, type IngredientRow } from '../ingredient';

const source =
  'food composition tables (USDA FoodData Central ranges of the leaf, flower or spice); spoon weights and soak-up: practice';

/** name, percent of water and of minerals by mass, g/ml in a cup or spoon, usual g a litre from and to. */
type Row = readonly [string, number, number, number, number, number];

const fresh = {
  basil: ['Basil', 92, 1.5, 0.1, 3, 20],
  rosemary: ['Rosemary', 68, 2.4, 0.12, 1, 8],
  lavender: ['Lavender', 70, 2, 0.1, 0.5, 6],
  'lemon-balm': ['Lemon balm', 82, 2, 0.1, 3, 20],
  'lemon-verbena': ['Lemon verbena', 75, 2, 0.08, 1, 12],
  lemongrass: ['Lemongrass', 71, 1.8, 0.28, 5, 40],
  tarragon: ['Tarragon', 78, 2.5, 0.1, 1, 10],
  coriander: ['Coriander leaf', 92, 1.5, 0.1, 2, 15],
  parsley: ['Parsley', 88, 2.2, 0.25, 2, 15],
  marjoram: ['Marjoram', 75, 2.2, 0.1, 1, 8],
  oregano: ['Oregano', 75, 2.3, 0.1, 1, 8],
  'hops-cone': ['Hop cones, dried', 10, 6, 0.06, 0.5, 6],
  'spruce-tips': ['Spruce tips', 65, 1.5, 0.2, 5, 50],
  'pine-needles': ['Pine needles', 55, 1.5, 0.2, 5, 50],
  woodruff: ['Sweet woodruff', 75, 2, 0.08, 1, 5],
  meadowsweet: ['Meadowsweet', 75, 2, 0.06, 2, 20],
  yarrow: ['Yarrow', 75, 2.2, 0.08, 1, 10],
  mugwort: ['Mugwort', 75, 2.2, 0.08, 0.5, 5],
  hyssop: ['Hyssop', 70, 2, 0.1, 1, 8],
  'anise-hyssop': ['Anise hyssop', 78, 2, 0.08, 2, 15],
  shiso: ['Shiso', 86, 2.4, 0.08, 2, 15],
  pandan: ['Pandan leaf', 82, 1.5, 0.1, 2, 15],
  'blackcurrant-leaf': ['Blackcurrant leaf', 70, 2.5, 0.08, 2, 15],
  'raspberry-leaf': ['Raspberry leaf', 70, 2.5, 0.08, 2, 15],
  'oak-leaf': ['Oak leaf', 60, 2.5, 0.08, 1, 8],
  'curry-leaf': ['Curry leaf', 66, 3, 0.1, 0.5, 6],
  sorrel: ['Sorrel', 93, 1.2, 0.15, 5, 40],
  'fennel-frond': ['Fennel frond', 88, 1.8, 0.08, 2, 15],
  borage: ['Borage', 93, 1.4, 0.1, 3, 20],
  'wild-garlic': ['Wild garlic', 90, 1.2, 0.15, 1, 10],
} as const satisfies Readonly<Record<string, Row>>;

const blossoms = {
  'rose-petal': ['Rose petals', 85, 0.8, 0.06, 5, 40],
  chamomile: ['Chamomile, dried', 9, 8, 0.1, 1, 10],
  linden: ['Linden blossom', 75, 1.5, 0.04, 3, 25],
  calendula: ['Marigold petals', 85, 1.2, 0.05, 3, 25],
  violet: ['Violets', 85, 1.2, 0.06, 5, 40],
  'hawthorn-blossom': ['Hawthorn blossom', 78, 1.2, 0.06, 5, 40],
  jasmine: ['Jasmine flowers', 82, 1, 0.05, 2, 20],
  honeysuckle: ['Honeysuckle', 82, 1, 0.06, 5, 40],
  'orange-blossom': ['Orange blossom', 80, 1, 0.06, 2, 20],
  heather: ['Heather tips', 60, 2, 0.08, 5, 50],
  clover: ['Clover blossom', 78, 1.5, 0.06, 5, 50],
  acacia: ['Robinia blossom', 82, 1, 0.06, 10, 60],
  'cherry-blossom': ['Cherry blossom', 80, 1, 0.06, 5, 40],
  'butterfly-pea': ['Butterfly pea flowers, dried', 9, 6, 0.06, 0.5, 6],
  gorse: ['Gorse flowers', 80, 1.2, 0.06, 10, 80],
  cowslip: ['Cowslips', 84, 1.2, 0.06, 5, 40],
  nasturtium: ['Nasturtium flowers', 89, 1.3, 0.06, 2, 20],
} as const satisfies Readonly<Record<string, Row>>;

const dry = {
  'star-anise': ['Star anise', 10, 3, 0.3, 0.3, 4],
  allspice: ['Allspice berry', 8, 4.5, 0.45, 0.2, 3],
  vanilla: ['Vanilla pod', 30, 3, 0.5, 0.2, 3],
  nutmeg: ['Nutmeg', 6, 2.3, 0.47, 0.1, 1],
  mace: ['Mace', 8, 2.2, 0.36, 0.1, 1],
  'coriander-seed': ['Coriander seed', 9, 6, 0.34, 0.5, 8],
  caraway: ['Caraway seed', 10, 6, 0.45, 0.3, 5],
  cumin: ['Cumin seed', 8, 7.6, 0.41, 0.2, 4],
  'anise-seed': ['Anise seed', 10, 7, 0.45, 0.3, 5],
  'dill-seed': ['Dill seed', 8, 6.7, 0.44, 0.3, 5],
  'celery-seed': ['Celery seed', 6, 9, 0.44, 0.2, 3],
  'mustard-seed': ['Mustard seed', 5, 4.5, 0.7, 0.2, 3],
  fenugreek: ['Fenugreek seed', 9, 3.4, 0.75, 0.2, 4],
  saffron: ['Saffron', 12, 5.4, 0.14, 0.02, 0.3],
  'pink-pepper': ['Pink peppercorns', 12, 4, 0.4, 0.2, 3],
  'sichuan-pepper': ['Sichuan pepper', 11, 5, 0.25, 0.2, 3],
  'white-pepper': ['White pepper', 11, 1.6, 0.5, 0.2, 3],
  sumac: ['Sumac', 10, 4, 0.5, 2, 15],
  'ground-cinnamon': ['Ground cinnamon', 11, 3.6, 0.53, 0.3, 4],
  'ground-turmeric': ['Ground turmeric', 11, 6, 0.62, 0.5, 5],
  'chilli-flakes': ['Chilli flakes', 9, 6, 0.36, 0.1, 2],
  cayenne: ['Cayenne', 8, 6, 0.36, 0.05, 1],
  paprika: ['Paprika', 11, 7, 0.46, 0.2, 3],
  liquorice: ['Liquorice root, dried', 8, 5, 0.4, 0.5, 8],
  sarsaparilla: ['Sarsaparilla root, dried', 9, 5, 0.35, 2, 20],
  'burdock-root': ['Burdock root, dried', 9, 4, 0.4, 2, 20],
  'dandelion-root': ['Dandelion root, roasted', 6, 6, 0.4, 2, 20],
  'chicory-root': ['Chicory root, roasted', 5, 5, 0.4, 2, 20],
  'birch-bark': ['Birch bark', 10, 2, 0.2, 2, 20],
  gentian: ['Gentian root, dried', 9, 4, 0.4, 0.1, 1],
  'angelica-root': ['Angelica root, dried', 9, 5, 0.35, 0.2, 3],
  'cherry-bark': ['Wild cherry bark', 10, 3, 0.25, 1, 8],
  'cacao-nibs': ['Cacao nibs', 4, 3, 0.55, 2, 25],
  coffee: ['Coffee, ground', 4, 4.5, 0.36, 10, 70],
  horseradish: ['Horseradish', 85, 1.4, 0.6, 0.5, 8],
  'wintergreen-leaf': ['Wintergreen leaf, dried', 9, 4, 0.12, 0.3, 4],
} as const satisfies Readonly<Record<string, Row>>;

const leaves = {
  'oolong-tea': ['Oolong tea, leaf', 6, 5, 0.25, 4, 12],
  'white-tea': ['White tea, leaf', 7, 5, 0.12, 4, 12],
  'ripe-puerh': ['Dark fermented tea, leaf', 8, 5, 0.45, 3, 12],
  'yerba-mate': ['Mate', 7, 6, 0.3, 4, 20],
  'earl-grey': ['Black tea with bergamot, leaf', 6, 5, 0.4, 4, 10],
  honeybush: ['Honeybush', 7, 2, 0.3, 4, 15],
  'peppermint-tea': ['Peppermint, dried', 9, 9, 0.12, 2, 10],
  'lapacho-bark': ['Lapacho bark', 9, 6, 0.2, 3, 15],
} as const satisfies Readonly<Record<string, Row>>;

const usualForm = { fresh: 'chopped', blossoms: 'whole', dry: 'whole', leaves: 'dried' } as const;

const table = <K extends string>(
  of: Readonly<Record<K, Row>>,
  form: (typeof usualForm)[keyof typeof usualForm],
  sugar = 0,
): Readonly<Record<K, IngredientRow>> =>
  Object.fromEntries(
    Object.entries<Row>(of).map(
      ([id, [name, water, minerals, spooned, low, high]]): [string, IngredientRow] => [
        id,
        {
          name,
          percent: { water, minerals, glucose: sugar, fructose: sugar },
          density: water > 50 ? 0.9 : 1,
          spooned: { [form]: spooned },
          typical: [low, high],
        },
      ],
    ),
  ) as Record<K, IngredientRow>;

const rest = 'inert' as const;
export const moreHerbs = ingredientFamily(
  'herb',
  source,
  { gives: 0.2, soaks: 1, rest },
  table(fresh, usualForm.fresh),
);
export const moreFlowers = ingredientFamily('flower', source, { gives: 0.4, soaks: 1.5, rest }, table(blossoms, usualForm.blossoms, 0.8)); // prettier-ignore
export const moreSpices = ingredientFamily('spice', source, { gives: 0.1, soaks: 1.5, rest }, table(dry, usualForm.dry, 1)); // prettier-ignore
export const moreTeas = ingredientFamily(
  'tea',
  source,
  { gives: 0.2, soaks: 3, rest },
  table(leaves, usualForm.leaves),
);
