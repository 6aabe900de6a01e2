import { ingredientFamily } from '../ingredient';
import { t } from '../../language/t';

const source = 'food composition tables (USDA FoodData Central ranges); density from °Brix';
const pours = { gives: 1, soaks: 0, rest: 'water' } as const;

/** Water and the teas and infusions that count as water. */
export const waters = ingredientFamily('water', 'density of water at 20 °C', pours, {
  water: { name: t`Water`, percent: {}, density: 0.998, spooned: { liquid: 0.998 } },
});

/** Juices without preservative, as on a usual label. */
export const juices = ingredientFamily('juice', source, pours, {
  'apple-juice': {
    name: t`Apple juice`,
    percent: { sucrose: 1.5, glucose: 2.6, fructose: 5.9, malic: 0.5, minerals: 0.25 },
    density: 1.045,
    spooned: { liquid: 1.045 },
    typical: [100, 1000],
  },
  'pear-juice': {
    name: t`Pear juice`,
    percent: { sucrose: 0.8, glucose: 2.2, fructose: 6.8, malic: 0.3, citric: 0.1, minerals: 0.25 },
    density: 1.047,
    spooned: { liquid: 1.047 },
    typical: [100, 1000],
  },
  'orange-juice': {
    name: t`Orange juice`,
    percent: { sucrose: 4, glucose: 2.1, fructose: 2.4, citric: 0.9, malic: 0.15, minerals: 0.4 },
    density: 1.045,
    spooned: { liquid: 1.045 },
    typical: [100, 800],
  },
  'pineapple-juice': {
    name: t`Pineapple juice`,
    percent: { sucrose: 5, glucose: 2.4, fructose: 2.6, citric: 0.8, malic: 0.2, minerals: 0.4 },
    density: 1.05,
    spooned: { liquid: 1.05 },
    typical: [100, 800],
  },
  'cherry-juice': {
    name: t`Cherry juice`,
    percent: { sucrose: 0.3, glucose: 6.3, fructose: 5.2, malic: 1.4, minerals: 0.5 },
    density: 1.055,
    spooned: { liquid: 1.055 },
    typical: [80, 600],
  },
  'red-currant-juice': {
    name: t`Red currant juice`,
    percent: { sucrose: 0.3, glucose: 3.2, fructose: 3.8, citric: 2, malic: 0.4, minerals: 0.4 },
    density: 1.04,
    spooned: { liquid: 1.04 },
    typical: [50, 400],
  },
  'beetroot-juice': {
    name: t`Beetroot juice`,
    percent: { sucrose: 7.5, glucose: 0.3, fructose: 0.3, citric: 0.1, minerals: 0.9 },
    density: 1.04,
    spooned: { liquid: 1.04 },
    typical: [20, 300],
  },
  'apple-concentrate': {
    name: t`Apple juice concentrate, 70 °Brix`,
    percent: { sucrose: 10, glucose: 18, fructose: 39, malic: 2.6, minerals: 1.4 },
    density: 1.35,
    spooned: { liquid: 1.35 },
    typical: [30, 150],
  },
});

/** Fruit crushed to a pulp: it pours, and leaves a sediment. */
export const purees = ingredientFamily(
  'puree',
  source,
  { gives: 0.9, soaks: 0.2, rest: 'inert' },
  {
    'pear-puree': {
      name: t`Pear purée`,
      percent: {
        water: 83,
        sucrose: 0.8,
        glucose: 2.6,
        fructose: 6.6,
        malic: 0.25,
        citric: 0.1,
        minerals: 0.3,
      },
      density: 1.05,
      spooned: { pureed: 1.05 },
      typical: [40, 200],
    },
    'raspberry-puree': {
      name: t`Raspberry purée`,
      percent: {
        water: 86,
        sucrose: 0.3,
        glucose: 1.9,
        fructose: 2.5,
        citric: 1.6,
        malic: 0.2,
        minerals: 0.4,
      },
      density: 1.03,
      spooned: { pureed: 1.03 },
      typical: [40, 200],
    },
    'plum-puree': {
      name: t`Plum purée`,
      percent: { water: 86, sucrose: 1.7, glucose: 4.9, fructose: 3.2, malic: 1.2, minerals: 0.4 },
      density: 1.04,
      spooned: { pureed: 1.04 },
      typical: [40, 200],
    },
    'apricot-puree': {
      name: t`Apricot purée`,
      percent: { water: 85, sucrose: 5.8, glucose: 2.5, fructose: 1, malic: 0.9, citric: 0.5, minerals: 0.5 },
      density: 1.05,
      spooned: { pureed: 1.05 },
      typical: [40, 200],
    },
  },
);

/** Lemon and lime. */
export const citrus = ingredientFamily('citrus', source, pours, {
  'lemon-juice': {
    name: t`Lemon juice`,
    percent: { sucrose: 0.4, glucose: 1, fructose: 1.1, citric: 4.9, malic: 0.2, minerals: 0.3 },
    density: 1.03,
    spooned: { liquid: 1.03 },
    typical: [10, 60],
  },
  'lime-juice': {
    name: t`Lime juice`,
    percent: { sucrose: 0.5, glucose: 0.6, fructose: 0.6, citric: 4.8, malic: 0.2, minerals: 0.3 },
    density: 1.03,
    spooned: { liquid: 1.03 },
    typical: [10, 60],
  },
  'orange-zest': {
    name: t`Orange zest`,
    percent: { water: 72, sucrose: 2, glucose: 2, fructose: 2, citric: 0.3, minerals: 0.8, inert: 20.9 },
    density: 0.9,
    spooned: { grated: 0.4 },
    gives: 0.3,
    soaks: 0.5,
    typical: [1, 10],
  },
  'lemon-zest': {
    name: t`Lemon zest`,
    percent: { water: 81, glucose: 1.5, fructose: 1.5, citric: 0.5, minerals: 0.6, inert: 14.9 },
    density: 0.9,
    spooned: { grated: 0.4 },
    gives: 0.3,
    soaks: 0.5,
    typical: [1, 10],
  },
});

/** What comes from milk. */
export const dairy = ingredientFamily(
  'dairy',
  'food composition tables (USDA FoodData Central), sweet and acid whey',
  pours,
  {
    whey: {
      name: t`Whey, strained from yoghurt`,
      percent: { lactose: 4.2, lactic: 0.6, citric: 0.15, minerals: 0.7, inert: 0.7 },
      density: 1.025,
      spooned: { liquid: 1.025 },
      typical: [15, 35],
    },
    'live-yoghurt': {
      name: t`Live plain yoghurt`,
      percent: { lactose: 4.5, lactic: 0.9, minerals: 0.7, inert: 6.5 },
      density: 1.04,
      spooned: { liquid: 1.04 },
      typical: [10, 50],
    },
  },
);
