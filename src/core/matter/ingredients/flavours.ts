import { ingredientFamily } from '../ingredient';
import { t } from '../../language/t';

const source = 'food composition tables (USDA FoodData Central ranges); spoon weights and soak-up: practice';

/** Ginger in its forms. A gram of fresh ginger soaks up little, dry ginger a lot. */
export const ginger = ingredientFamily(
  'ginger',
  source,
  { gives: 0.3, soaks: 0.5, rest: 'inert' },
  {
    ginger: {
      name: t`Fresh ginger`,
      percent: {
        water: 79,
        sucrose: 0.3,
        glucose: 0.7,
        fructose: 0.7,
        minerals: 0.8,
        citric: 0.05,
        malic: 0.1,
      },
      density: 1.0,
      spooned: { grated: 0.42, chopped: 0.42, sliced: 0.4, whole: 0.9 },
      typical: [15, 80],
    },
    galangal: {
      name: t`Fresh galangal`,
      percent: { water: 76, glucose: 0.9, fructose: 0.8, minerals: 0.9 },
      density: 1.02,
      spooned: { grated: 0.44, sliced: 0.4 },
      typical: [10, 60],
    },
    turmeric: {
      name: t`Fresh turmeric`,
      percent: { water: 80, glucose: 0.8, fructose: 0.8, minerals: 1 },
      density: 1.02,
      spooned: { grated: 0.44 },
      typical: [5, 40],
    },
    'ground-ginger': {
      name: t`Ground ginger`,
      percent: { water: 10, glucose: 1.5, fructose: 1.9, minerals: 5 },
      density: 1.2,
      spooned: { powdered: 0.37 },
      soaks: 2,
      typical: [2, 12],
    },
    'candied-ginger': {
      name: t`Candied ginger`,
      percent: { water: 14, sucrose: 70, glucose: 3, fructose: 3 },
      density: 1.35,
      spooned: { chopped: 0.7 },
      gives: 0.9,
      soaks: 0.4,
      typical: [10, 60],
    },
  },
);

/** Leaves steeped in water. */
export const teas = ingredientFamily(
  'tea',
  source,
  { gives: 0.2, soaks: 3, rest: 'inert' },
  {
    'black-tea': {
      name: t`Black tea, leaf`,
      percent: { water: 6, minerals: 5 },
      density: 0.6,
      spooned: { dried: 0.4 },
      typical: [4, 10],
    },
    'green-tea': {
      name: t`Green tea, leaf`,
      percent: { water: 6, minerals: 5 },
      density: 0.5,
      spooned: { dried: 0.35 },
      typical: [4, 10],
    },
    rooibos: {
      name: t`Rooibos`,
      percent: { water: 6, minerals: 2 },
      density: 0.5,
      spooned: { dried: 0.36 },
      typical: [4, 12],
    },
    'hibiscus-flower': {
      name: t`Hibiscus, dried`,
      percent: { water: 10, citric: 8, malic: 4, minerals: 6 },
      density: 0.4,
      spooned: { dried: 0.18 },
      gives: 0.7,
      soaks: 4,
      typical: [3, 15],
    },
  },
);

/** Herbs and flowers, fresh unless said. */
export const herbs = ingredientFamily(
  'herb',
  source,
  { gives: 0.2, soaks: 1, rest: 'inert' },
  {
    thyme: {
      name: t`Thyme`,
      percent: { water: 65, minerals: 2.5 },
      density: 0.9,
      spooned: { chopped: 0.16, dried: 0.18 },
      typical: [1, 10],
    },
    sage: {
      name: t`Sage`,
      percent: { water: 66, minerals: 2.5 },
      density: 0.9,
      spooned: { chopped: 0.13, dried: 0.13 },
      typical: [1, 8],
    },
    bay: {
      name: t`Bay leaf`,
      percent: { water: 50, minerals: 3 },
      density: 0.9,
      spooned: { whole: 0.06 },
      typical: [0.5, 4],
    },
    dill: {
      name: t`Dill`,
      percent: { water: 86, minerals: 2.5 },
      density: 0.9,
      spooned: { chopped: 0.1 },
      typical: [2, 12],
    },
    'lime-leaf': {
      name: t`Lime leaf`,
      percent: { water: 60, minerals: 2 },
      density: 0.9,
      spooned: { sliced: 0.1 },
      typical: [0.5, 4],
    },
    mint: {
      name: t`Mint`,
      percent: { water: 80, minerals: 2 },
      density: 0.9,
      spooned: { chopped: 0.12 },
      typical: [3, 20],
    },
    'fig-leaf': {
      name: t`Fig leaf`,
      percent: { water: 68, minerals: 3 },
      density: 0.9,
      spooned: { chopped: 0.1 },
      typical: [2, 12],
    },
    nettle: {
      name: t`Nettle tops`,
      percent: { water: 83, minerals: 3 },
      density: 0.9,
      spooned: { chopped: 0.1 },
      typical: [20, 120],
    },
  },
);

export const flowers = ingredientFamily(
  'flower',
  source,
  { gives: 0.4, soaks: 1.5, rest: 'inert' },
  {
    elderflower: {
      name: t`Elderflower`,
      percent: { water: 80, glucose: 1, fructose: 1, minerals: 1 },
      density: 0.5,
      spooned: { whole: 0.06 },
      typical: [10, 60],
    },
    dandelion: {
      name: t`Dandelion petals`,
      percent: { water: 85, glucose: 1, fructose: 1, minerals: 1.2 },
      density: 0.5,
      spooned: { whole: 0.09 },
      typical: [10, 80],
    },
    lilac: {
      name: t`Lilac blossom`,
      percent: { water: 82, glucose: 1, fructose: 1, minerals: 0.8 },
      density: 0.5,
      spooned: { whole: 0.06 },
      typical: [10, 60],
    },
  },
);

/** Spices, dry. */
export const spices = ingredientFamily(
  'spice',
  source,
  { gives: 0.1, soaks: 1, rest: 'inert' },
  {
    'fennel-seed': {
      name: t`Fennel seed`,
      percent: { water: 9, minerals: 8 },
      density: 0.9,
      spooned: { whole: 0.39 },
      typical: [0.5, 6],
    },
    'black-pepper': {
      name: t`Black pepper`,
      percent: { water: 12, minerals: 4 },
      density: 1.1,
      spooned: { whole: 0.55, powdered: 0.46 },
      typical: [0.2, 3],
    },
    juniper: {
      name: t`Juniper berry`,
      percent: { water: 15, glucose: 10, fructose: 10, minerals: 3 },
      density: 0.9,
      spooned: { whole: 0.4 },
      typical: [0.5, 5],
    },
    cardamom: {
      name: t`Cardamom`,
      percent: { water: 8, minerals: 6 },
      density: 0.8,
      spooned: { whole: 0.35, powdered: 0.4 },
      typical: [0.3, 4],
    },
    cinnamon: {
      name: t`Cinnamon`,
      percent: { water: 11, minerals: 4 },
      density: 0.9,
      spooned: { powdered: 0.53 },
      typical: [0.3, 5],
    },
    clove: {
      name: t`Clove`,
      percent: { water: 9, minerals: 6 },
      density: 0.9,
      spooned: { whole: 0.4 },
      typical: [0.1, 1],
    },
    chilli: {
      name: t`Fresh chilli`,
      percent: { water: 88, glucose: 2.3, fructose: 2.6, minerals: 0.9 },
      density: 0.9,
      spooned: { chopped: 0.5 },
      gives: 0.3,
      typical: [0.3, 5],
    },
  },
);
