import { ingredientFamily } from '../ingredient';
import { t } from '../../language/t';

/** Minerals and salts. */
export const minerals = ingredientFamily(
  'mineral',
  'the pure substance; spoon weights: practice',
  { gives: 1, soaks: 0, rest: 'inert' },
  {
    'sea-salt': {
      name: t`Sea salt`,
      percent: { minerals: 99 },
      density: 2.1,
      spooned: { powdered: 1.2 },
      typical: [0.2, 3],
    },
    'baking-soda': {
      name: t`Bicarbonate of soda`,
      percent: { minerals: 100 },
      density: 2.2,
      spooned: { powdered: 0.92 },
      typical: [0.05, 0.6],
    },
    'mineral-drops': {
      name: t`Mineral drops`,
      percent: { water: 70, minerals: 30 },
      density: 1.25,
      spooned: { liquid: 1.25 },
      typical: [0.1, 1],
    },
    'yeast-nutrient': {
      name: t`Yeast nutrient`,
      percent: { minerals: 60 },
      density: 1.5,
      spooned: { powdered: 0.8 },
      typical: [0.1, 0.8],
    },
    eggshell: {
      name: t`Clean eggshell`,
      percent: { minerals: 5 },
      density: 2,
      spooned: { chopped: 0.6 },
      gives: 0.05,
      typical: [0.5, 3],
    },
  },
);

/** Living things measured like an ingredient. */
export const livings = ingredientFamily(
  'culture',
  'practice',
  { gives: 0, soaks: 0.3, rest: 'inert' },
  {
    'kefir-grains': {
      name: t`Water kefir grains`,
      percent: { water: 86 },
      density: 1.05,
      spooned: { whole: 0.9 },
      typical: [40, 90],
    },
    'dried-kefir-grains': {
      name: t`Dried water kefir grains`,
      percent: { water: 8 },
      density: 1.3,
      spooned: { dried: 0.6 },
      soaks: 3,
      typical: [4, 12],
    },
    pellicle: {
      name: t`Tea-mother pellicle`,
      percent: { water: 95 },
      density: 1.02,
      spooned: { whole: 0.9 },
      soaks: 0.2,
      typical: [20, 120],
    },
    'ripe-tea': {
      name: t`Ripe tea ferment`,
      percent: { water: 96, glucose: 1.4, fructose: 1.6, lactic: 0.2, acetic: 0.6, minerals: 0.1 },
      density: 1.01,
      spooned: { liquid: 1.01 },
      gives: 1,
      soaks: 0,
      typical: [100, 150],
    },
    'lively-bug': {
      name: t`Lively ginger bug`,
      percent: { water: 97.4, glucose: 0.5, fructose: 0.7, lactic: 0.4, minerals: 0.1 },
      density: 1.01,
      spooned: { liquid: 1.01 },
      gives: 1,
      soaks: 0,
      typical: [50, 120],
    },
    sediment: {
      name: t`Sediment`,
      percent: { water: 85 },
      density: 1.05,
      spooned: { liquid: 1.05 },
      typical: [2, 30],
    },
    'wine-yeast': {
      name: t`Wine yeast, dry`,
      percent: { water: 6 },
      density: 1.2,
      spooned: { dried: 0.7 },
      typical: [0.3, 1],
    },
    'ale-yeast': {
      name: t`Ale yeast, dry`,
      percent: { water: 6 },
      density: 1.2,
      spooned: { dried: 0.7 },
      typical: [0.3, 1],
    },
    'bread-yeast': {
      name: t`Bread yeast, dry`,
      percent: { water: 6 },
      density: 1.2,
      spooned: { dried: 0.65 },
      typical: [0.3, 1],
    },
  },
);
