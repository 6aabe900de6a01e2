import { ingredientFamily, type IngredientRow } from '../ingredient';
import { t } from '../../language/t';

const source =
  'food composition tables (USDA FoodData Central ranges of the leaf, flower or spice); spoon weights and soak-up: practice';

/** name, percent of water and of minerals by mass, g/ml in a cup or spoon, usual g a litre from and to. */
type Row = readonly [string, number, number, number, number, number];

const fresh = {
  basil: [t`Basil`, 92, 1.5, 0.1, 3, 20],
  rosemary: [t`Rosemary`, 68, 2.4, 0.12, 1, 8],
  lavender: [t`Lavender`, 70, 2, 0.1, 0.5, 6],
  'lemon-balm': [t`Lemon balm`, 82, 2, 0.1, 3, 20],
  'lemon-verbena': [t`Lemon verbena`, 75, 2, 0.08, 1, 12],
  lemongrass: [t`Lemongrass`, 71, 1.8, 0.28, 5, 40],
  tarragon: [t`Tarragon`, 78, 2.5, 0.1, 1, 10],
  coriander: [t`Coriander leaf`, 92, 1.5, 0.1, 2, 15],
  parsley: [t`Parsley`, 88, 2.2, 0.25, 2, 15],
  marjoram: [t`Marjoram`, 75, 2.2, 0.1, 1, 8],
  oregano: [t`Oregano`, 75, 2.3, 0.1, 1, 8],
  'hops-cone': [t`Hop cones, dried`, 10, 6, 0.06, 0.5, 6],
  'spruce-tips': [t`Spruce tips`, 65, 1.5, 0.2, 5, 50],
  'pine-needles': [t`Pine needles`, 55, 1.5, 0.2, 5, 50],
  woodruff: [t`Sweet woodruff`, 75, 2, 0.08, 1, 5],
  meadowsweet: [t`Meadowsweet`, 75, 2, 0.06, 2, 20],
  yarrow: [t`Yarrow`, 75, 2.2, 0.08, 1, 10],
  mugwort: [t`Mugwort`, 75, 2.2, 0.08, 0.5, 5],
  hyssop: [t`Hyssop`, 70, 2, 0.1, 1, 8],
  'anise-hyssop': [t`Anise hyssop`, 78, 2, 0.08, 2, 15],
  shiso: [t`Shiso`, 86, 2.4, 0.08, 2, 15],
  pandan: [t`Pandan leaf`, 82, 1.5, 0.1, 2, 15],
  'blackcurrant-leaf': [t`Blackcurrant leaf`, 70, 2.5, 0.08, 2, 15],
  'raspberry-leaf': [t`Raspberry leaf`, 70, 2.5, 0.08, 2, 15],
  'oak-leaf': [t`Oak leaf`, 60, 2.5, 0.08, 1, 8],
  'curry-leaf': [t`Curry leaf`, 66, 3, 0.1, 0.5, 6],
  sorrel: [t`Sorrel`, 93, 1.2, 0.15, 5, 40],
  'fennel-frond': [t`Fennel frond`, 88, 1.8, 0.08, 2, 15],
  borage: [t`Borage`, 93, 1.4, 0.1, 3, 20],
  'wild-garlic': [t`Wild garlic`, 90, 1.2, 0.15, 1, 10],
} as const satisfies Readonly<Record<string, Row>>;

const blossoms = {
  'rose-petal': [t`Rose petals`, 85, 0.8, 0.06, 5, 40],
  chamomile: [t`Chamomile, dried`, 9, 8, 0.1, 1, 10],
  linden: [t`Linden blossom`, 75, 1.5, 0.04, 3, 25],
  calendula: [t`Marigold petals`, 85, 1.2, 0.05, 3, 25],
  violet: [t`Violets`, 85, 1.2, 0.06, 5, 40],
  'hawthorn-blossom': [t`Hawthorn blossom`, 78, 1.2, 0.06, 5, 40],
  jasmine: [t`Jasmine flowers`, 82, 1, 0.05, 2, 20],
  honeysuckle: [t`Honeysuckle`, 82, 1, 0.06, 5, 40],
  'orange-blossom': [t`Orange blossom`, 80, 1, 0.06, 2, 20],
  heather: [t`Heather tips`, 60, 2, 0.08, 5, 50],
  clover: [t`Clover blossom`, 78, 1.5, 0.06, 5, 50],
  acacia: [t`Robinia blossom`, 82, 1, 0.06, 10, 60],
  'cherry-blossom': [t`Cherry blossom`, 80, 1, 0.06, 5, 40],
  'butterfly-pea': [t`Butterfly pea flowers, dried`, 9, 6, 0.06, 0.5, 6],
  gorse: [t`Gorse flowers`, 80, 1.2, 0.06, 10, 80],
  cowslip: [t`Cowslips`, 84, 1.2, 0.06, 5, 40],
  nasturtium: [t`Nasturtium flowers`, 89, 1.3, 0.06, 2, 20],
} as const satisfies Readonly<Record<string, Row>>;

const dry = {
  'star-anise': [t`Star anise`, 10, 3, 0.3, 0.3, 4],
  allspice: [t`Allspice berry`, 8, 4.5, 0.45, 0.2, 3],
  vanilla: [t`Vanilla pod`, 30, 3, 0.5, 0.2, 3],
  nutmeg: [t`Nutmeg`, 6, 2.3, 0.47, 0.1, 1],
  mace: [t`Mace`, 8, 2.2, 0.36, 0.1, 1],
  'coriander-seed': [t`Coriander seed`, 9, 6, 0.34, 0.5, 8],
  caraway: [t`Caraway seed`, 10, 6, 0.45, 0.3, 5],
  cumin: [t`Cumin seed`, 8, 7.6, 0.41, 0.2, 4],
  'anise-seed': [t`Anise seed`, 10, 7, 0.45, 0.3, 5],
  'dill-seed': [t`Dill seed`, 8, 6.7, 0.44, 0.3, 5],
  'celery-seed': [t`Celery seed`, 6, 9, 0.44, 0.2, 3],
  'mustard-seed': [t`Mustard seed`, 5, 4.5, 0.7, 0.2, 3],
  fenugreek: [t`Fenugreek seed`, 9, 3.4, 0.75, 0.2, 4],
  saffron: [t`Saffron`, 12, 5.4, 0.14, 0.02, 0.3],
  'pink-pepper': [t`Pink peppercorns`, 12, 4, 0.4, 0.2, 3],
  'sichuan-pepper': [t`Sichuan pepper`, 11, 5, 0.25, 0.2, 3],
  'white-pepper': [t`White pepper`, 11, 1.6, 0.5, 0.2, 3],
  sumac: [t`Sumac`, 10, 4, 0.5, 2, 15],
  'ground-cinnamon': [t`Ground cinnamon`, 11, 3.6, 0.53, 0.3, 4],
  'ground-turmeric': [t`Ground turmeric`, 11, 6, 0.62, 0.5, 5],
  'chilli-flakes': [t`Chilli flakes`, 9, 6, 0.36, 0.1, 2],
  cayenne: [t`Cayenne`, 8, 6, 0.36, 0.05, 1],
  paprika: [t`Paprika`, 11, 7, 0.46, 0.2, 3],
  liquorice: [t`Liquorice root, dried`, 8, 5, 0.4, 0.5, 8],
  sarsaparilla: [t`Sarsaparilla root, dried`, 9, 5, 0.35, 2, 20],
  'burdock-root': [t`Burdock root, dried`, 9, 4, 0.4, 2, 20],
  'dandelion-root': [t`Dandelion root, roasted`, 6, 6, 0.4, 2, 20],
  'chicory-root': [t`Chicory root, roasted`, 5, 5, 0.4, 2, 20],
  'birch-bark': [t`Birch bark`, 10, 2, 0.2, 2, 20],
  gentian: [t`Gentian root, dried`, 9, 4, 0.4, 0.1, 1],
  'angelica-root': [t`Angelica root, dried`, 9, 5, 0.35, 0.2, 3],
  'cherry-bark': [t`Wild cherry bark`, 10, 3, 0.25, 1, 8],
  'cacao-nibs': [t`Cacao nibs`, 4, 3, 0.55, 2, 25],
  coffee: [t`Coffee, ground`, 4, 4.5, 0.36, 10, 70],
  horseradish: [t`Horseradish`, 85, 1.4, 0.6, 0.5, 8],
  'wintergreen-leaf': [t`Wintergreen leaf, dried`, 9, 4, 0.12, 0.3, 4],
} as const satisfies Readonly<Record<string, Row>>;

const leaves = {
  'oolong-tea': [t`Oolong tea, leaf`, 6, 5, 0.25, 4, 12],
  'white-tea': [t`White tea, leaf`, 7, 5, 0.12, 4, 12],
  'ripe-puerh': [t`Dark fermented tea, leaf`, 8, 5, 0.45, 3, 12],
  'yerba-mate': [t`Mate`, 7, 6, 0.3, 4, 20],
  'earl-grey': [t`Black tea with bergamot, leaf`, 6, 5, 0.4, 4, 10],
  honeybush: [t`Honeybush`, 7, 2, 0.3, 4, 15],
  'peppermint-tea': [t`Peppermint, dried`, 9, 9, 0.12, 2, 10],
  'lapacho-bark': [t`Lapacho bark`, 9, 6, 0.2, 3, 15],
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
