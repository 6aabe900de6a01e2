import { ingredientFamily } from '../ingredient';
import { t } from '../../language/t';

/** Dry sweeteners. All of them dissolve. */
export const sugars = ingredientFamily(
  'sugar',
  'food composition tables (USDA FoodData Central ranges); spoon weights: practice, level spoons',
  { gives: 1, soaks: 0, rest: 'inert' },
  {
    'white-sugar': {
      name: t`White sugar`,
      percent: { sucrose: 99.9 },
      density: 1.59,
      spooned: { powdered: 0.85 },
      typical: [40, 120],
    },
    'cane-sugar': {
      name: t`Raw cane sugar`,
      percent: { sucrose: 98.5, minerals: 0.3, water: 0.5 },
      density: 1.58,
      spooned: { powdered: 0.85 },
      typical: [40, 120],
    },
    'brown-sugar': {
      name: t`Brown sugar`,
      percent: { sucrose: 94.5, glucose: 1.3, fructose: 1.1, water: 1.6, minerals: 0.7 },
      density: 1.55,
      spooned: { powdered: 0.93 },
      typical: [40, 120],
    },
    'whole-cane-sugar': {
      name: t`Unrefined whole cane sugar`,
      percent: { sucrose: 88, glucose: 3, fructose: 3, water: 2.5, minerals: 1.8 },
      density: 1.5,
      spooned: { grated: 0.7, powdered: 0.7 },
      typical: [40, 120],
    },
    'palm-sugar': {
      name: t`Palm sugar`,
      percent: { sucrose: 80, glucose: 4, fructose: 4, water: 4, minerals: 1.5 },
      density: 1.5,
      spooned: { grated: 0.7, powdered: 0.75 },
      typical: [40, 120],
    },
    dextrose: {
      name: t`Dextrose`,
      percent: { glucose: 91, water: 9 },
      density: 1.54,
      spooned: { powdered: 0.7 },
      typical: [6, 60],
    },
    'fruit-sugar': {
      name: t`Fructose`,
      percent: { fructose: 99.7 },
      density: 1.69,
      spooned: { powdered: 0.8 },
      typical: [30, 100],
    },
    'icing-sugar': {
      name: t`Icing sugar`,
      percent: { sucrose: 97 },
      density: 1.59,
      spooned: { powdered: 0.5 },
      typical: [6, 60],
    },
  },
);

/** Syrups, honey, molasses, concentrates. */
export const syrups = ingredientFamily(
  'syrup',
  'food composition tables (USDA FoodData Central, Codex honey standard ranges); density by °Brix',
  { gives: 1, soaks: 0, rest: 'water' },
  {
    honey: {
      name: t`Honey`,
      percent: { sucrose: 1.5, glucose: 32, fructose: 39, maltose: 7, minerals: 0.2, malic: 0.2, inert: 3 },
      density: 1.42,
      spooned: { liquid: 1.42 },
      typical: [40, 120],
    },
    'maple-syrup': {
      name: t`Maple syrup`,
      percent: { sucrose: 61, glucose: 3, fructose: 2, minerals: 0.6 },
      density: 1.33,
      spooned: { liquid: 1.33 },
      typical: [50, 140],
    },
    molasses: {
      name: t`Molasses`,
      percent: { sucrose: 35, glucose: 14, fructose: 15, minerals: 8, inert: 5 },
      density: 1.41,
      spooned: { liquid: 1.41 },
      typical: [2, 20],
    },
    'golden-syrup': {
      name: t`Cane syrup`,
      percent: { sucrose: 32, glucose: 24, fructose: 24, minerals: 0.6 },
      density: 1.42,
      spooned: { liquid: 1.42 },
      typical: [40, 120],
    },
    'agave-syrup': {
      name: t`Agave syrup`,
      percent: { glucose: 14, fructose: 61, minerals: 0.1 },
      density: 1.37,
      spooned: { liquid: 1.37 },
      typical: [40, 120],
    },
    'rice-syrup': {
      name: t`Rice syrup`,
      percent: { glucose: 3, maltose: 52, inert: 22 },
      density: 1.4,
      spooned: { liquid: 1.4 },
      typical: [40, 140],
    },
    'date-syrup': {
      name: t`Date syrup`,
      percent: { glucose: 32, fructose: 33, sucrose: 3, minerals: 1.8, inert: 4 },
      density: 1.38,
      spooned: { liquid: 1.38 },
      typical: [40, 120],
    },
    'simple-syrup': {
      name: t`Sugar syrup 1:1`,
      percent: { sucrose: 50 },
      density: 1.23,
      spooned: { liquid: 1.23 },
      typical: [60, 200],
    },
  },
);
