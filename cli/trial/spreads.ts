import type { CultureOfTruth } from '../calibration/truths.ts';

/**
 * How far kitchens lie apart under each truth for their times to spread as makers report: `spreadOf` of the calibration, worked
 * out once, since it takes some seconds a truth.
 */
export const spreads: Readonly<Record<CultureOfTruth['id'], Readonly<Record<string, number>>>> = {
  'ginger-bug': {
    'logistic cells behind a hard delay': 1.0752,
    'linear uptake': 0.791,
    'no nutrient cap': 1.5564,
    'an S of gas': 0.7566,
    'glucose first, fructose late': 1.1631,
    'a leaky bottle': 0.9939,
    'a thermometer 2 °C off': 0.9998,
    'two kinds of cells': 1.4077,
    'cells that sink': 1.1294,
    'cells that sour themselves': 1.4063,
    'a lopsided S of gas': 0.7969,
    'sugar split first': 1.1323,
    'growth while the air lasts': 0.9119,
    'cells that wake by and by': 1.5732,
    'bacteria first': 1.1587,
    'stirred up by its gas': 1.2297,
    'cells in clumps': 1.5608,
    'cells that die by and by': 1.1345,
    'warm days and cold nights': 1.1096,
    'food for growth runs out': 0.9749,
    'a crowd that quickens itself': 1.2004,
  },
  'water-kefir-grains': {
    'logistic cells behind a hard delay': 1.1316,
    'linear uptake': 0.7764,
    'no nutrient cap': 0.9316,
    'an S of gas': 0.8262,
    'glucose first, fructose late': 1.1074,
    'a leaky bottle': 1.1228,
    'a thermometer 2 °C off': 1.0664,
    'two kinds of cells': 1.0957,
    'cells that sink': 1.1045,
    'cells that sour themselves': 1.1807,
    'a lopsided S of gas': 0.6042,
    'sugar split first': 1.0876,
    'growth while the air lasts': 1.043,
    'cells that wake by and by': 0.9653,
    'bacteria first': 1.1257,
    'stirred up by its gas': 0.9932,
    'cells in clumps': 0.9353,
    'cells that die by and by': 1.2334,
    'warm days and cold nights': 1.1191,
    'food for growth runs out': 1.0642,
    'a crowd that quickens itself': 1.1074,
  },
};
