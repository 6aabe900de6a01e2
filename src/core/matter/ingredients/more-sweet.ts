import { ingredientFamily } from '../ingredient';
import { t } from '../../language/t';

const source =
  'food composition tables (USDA FoodData Central ranges) and labels; spoon weights: practice, level spoons';

/** More dry sweeteners. Those that nothing ferments count as inert. */
export const moreSugars = ingredientFamily('sugar', source, { gives: 1, soaks: 0, rest: 'inert' }, {
  'coconut-sugar': { name: t`Coconut sugar`, percent: { sucrose: 78, glucose: 4, fructose: 5, water: 2.5, minerals: 2.5 }, density: 1.5, spooned: { powdered: 0.72 }, typical: [40, 120] },
  'maple-sugar': { name: t`Maple sugar`, percent: { sucrose: 88, glucose: 3, fructose: 2, water: 3, minerals: 1 }, density: 1.5, spooned: { powdered: 0.75 }, typical: [40, 120] },
  'candi-sugar': { name: t`Rock sugar`, percent: { sucrose: 99.5, water: 0.3 }, density: 1.59, spooned: { whole: 0.9 }, typical: [40, 120] },
  'vanilla-sugar': { name: t`Vanilla sugar`, percent: { sucrose: 98 }, density: 1.59, spooned: { powdered: 0.85 }, typical: [5, 60] },
  'malt-extract': { name: t`Malt extract, dry`, percent: { maltose: 52, glucose: 9, sucrose: 3, water: 3, minerals: 1.5 }, density: 1.5, spooned: { powdered: 0.6 }, typical: [20, 120] },
  lactose: { name: t`Lactose`, percent: { lactose: 95, water: 5 }, density: 1.52, spooned: { powdered: 0.65 }, typical: [5, 40] },
  maltodextrin: { name: t`Maltodextrin`, percent: { water: 5, maltose: 2 }, density: 1.5, spooned: { powdered: 0.5 }, typical: [5, 40] },
  erythritol: { name: t`Erythritol, does not ferment`, percent: {}, density: 1.45, spooned: { powdered: 0.8 }, typical: [5, 60] },
  xylitol: { name: t`Xylitol, does not ferment`, percent: {}, density: 1.52, spooned: { powdered: 0.8 }, typical: [5, 60] },
  stevia: { name: t`Stevia, does not ferment`, percent: { water: 5 }, density: 0.6, spooned: { powdered: 0.4 }, typical: [0.05, 1] },
}); // prettier-ignore

/** More syrups and honeys. */
export const moreSyrups = ingredientFamily('syrup', source, { gives: 1, soaks: 0, rest: 'water' }, {
  'invert-syrup': { name: t`Invert sugar syrup`, percent: { sucrose: 5, glucose: 36, fructose: 36, minerals: 0.1 }, density: 1.39, spooned: { liquid: 1.39 }, typical: [40, 120] },
  'malt-syrup': { name: t`Barley malt syrup`, percent: { maltose: 47, glucose: 8, sucrose: 3, minerals: 1.2, inert: 18 }, density: 1.41, spooned: { liquid: 1.41 }, typical: [20, 120] },
  'sorghum-syrup': { name: t`Sorghum syrup`, percent: { sucrose: 33, glucose: 20, fructose: 18, minerals: 2.5, inert: 2 }, density: 1.38, spooned: { liquid: 1.38 }, typical: [40, 120] },
  'birch-syrup': { name: t`Birch syrup`, percent: { sucrose: 1, glucose: 27, fructose: 35, malic: 0.7, minerals: 1.2 }, density: 1.32, spooned: { liquid: 1.32 }, typical: [30, 120] },
  'coconut-nectar': { name: t`Coconut nectar`, percent: { sucrose: 60, glucose: 6, fructose: 7, minerals: 2.5 }, density: 1.36, spooned: { liquid: 1.36 }, typical: [40, 120] },
  'corn-syrup': { name: t`Corn syrup`, percent: { glucose: 19, maltose: 15, inert: 42 }, density: 1.38, spooned: { liquid: 1.38 }, typical: [40, 140] },
  'elderflower-cordial': { name: t`Elderflower cordial`, percent: { sucrose: 48, citric: 1.5 }, density: 1.23, spooned: { liquid: 1.23 }, typical: [40, 200] },
  'ginger-syrup': { name: t`Ginger syrup`, percent: { sucrose: 62, minerals: 0.1 }, density: 1.3, spooned: { liquid: 1.3 }, typical: [40, 150] },
  'grenadine': { name: t`Pomegranate syrup`, percent: { sucrose: 55, glucose: 6, fructose: 6, citric: 0.8 }, density: 1.33, spooned: { liquid: 1.33 }, typical: [40, 150] },
  'pomegranate-molasses': { name: t`Pomegranate molasses`, percent: { glucose: 28, fructose: 30, citric: 8, malic: 0.6, minerals: 2 }, density: 1.36, spooned: { liquid: 1.36 }, typical: [10, 60] },
}); // prettier-ignore

/** Waters and milks that bring something of their own. */
export const moreWaters = ingredientFamily('juice', source, { gives: 1, soaks: 0, rest: 'water' }, {
  'coconut-water': { name: t`Coconut water`, percent: { sucrose: 0.9, glucose: 1.5, fructose: 1.4, malic: 0.3, minerals: 0.6 }, density: 1.018, spooned: { liquid: 1.018 }, typical: [100, 1000] },
  'birch-sap': { name: t`Birch sap`, percent: { glucose: 0.5, fructose: 0.5, minerals: 0.1 }, density: 1.003, spooned: { liquid: 1.003 }, typical: [200, 1000] },
  'maple-sap': { name: t`Maple sap`, percent: { sucrose: 2, minerals: 0.1 }, density: 1.006, spooned: { liquid: 1.006 }, typical: [200, 1000] },
  'sugarcane-juice': { name: t`Sugar cane juice`, percent: { sucrose: 13, glucose: 0.8, fructose: 0.7, minerals: 0.4 }, density: 1.06, spooned: { liquid: 1.06 }, typical: [100, 800] },
  'carrot-juice': { name: t`Carrot juice`, percent: { sucrose: 3.6, glucose: 1.2, fructose: 1.1, malic: 0.2, minerals: 0.8 }, density: 1.03, spooned: { liquid: 1.03 }, typical: [50, 500] },
  'celery-juice': { name: t`Celery juice`, percent: { glucose: 0.7, fructose: 0.7, malic: 0.2, minerals: 0.9 }, density: 1.01, spooned: { liquid: 1.01 }, typical: [50, 300] },
  'oat-drink': { name: t`Oat drink`, percent: { maltose: 4, glucose: 0.3, inert: 3, minerals: 0.2 }, density: 1.03, spooned: { liquid: 1.03 }, typical: [50, 400] },
  vinegar: { name: t`Vinegar`, percent: { acetic: 5, minerals: 0.2 }, density: 1.01, spooned: { liquid: 1.01 }, typical: [5, 60] },
}); // prettier-ignore

/** Roots, fruits of the field and grain that go into sodas. */
export const moreField = ingredientFamily('vegetable', source, { gives: 0.4, soaks: 0.6, rest: 'inert' }, {
  pumpkin: { name: t`Pumpkin`, percent: { water: 91, sucrose: 1, glucose: 1, fructose: 0.9, malic: 0.2, minerals: 0.8 }, density: 1, spooned: { chopped: 0.5, pureed: 1 }, typical: [50, 300] },
  'sweet-potato': { name: t`Sweet potato`, percent: { water: 77, sucrose: 2.5, glucose: 1, fructose: 0.7, minerals: 1 }, density: 1.03, spooned: { grated: 0.5, chopped: 0.56 }, typical: [50, 300] },
  'fennel-bulb': { name: t`Fennel bulb`, percent: { water: 90, glucose: 1.9, fructose: 1.1, minerals: 1 }, density: 0.95, spooned: { chopped: 0.37 }, typical: [20, 150] },
  parsnip: { name: t`Parsnip`, percent: { water: 80, sucrose: 4, glucose: 0.4, fructose: 0.4, minerals: 1 }, density: 1.04, spooned: { chopped: 0.56, grated: 0.5 }, typical: [30, 200] },
  jicama: { name: t`Yam bean`, percent: { water: 90, glucose: 0.6, fructose: 0.7, minerals: 0.4 }, density: 1, spooned: { chopped: 0.55 }, typical: [30, 200] },
  'rye-bread': { name: t`Rye bread, dry`, percent: { water: 12, maltose: 4, glucose: 1, minerals: 2.5 }, density: 0.5, spooned: { chopped: 0.2 }, soaks: 2.2, typical: [40, 150] },
  'pearl-barley': { name: t`Barley`, percent: { water: 10, minerals: 1 }, density: 1.2, spooned: { whole: 0.8 }, soaks: 1.5, typical: [10, 80] },
  'barley-malt': { name: t`Barley malt, crushed`, percent: { water: 5, maltose: 8, sucrose: 4, glucose: 2, minerals: 2 }, density: 1, spooned: { chopped: 0.5 }, soaks: 1, typical: [20, 150] },
  'rice-grain': { name: t`Rice`, percent: { water: 12, minerals: 0.5 }, density: 1.3, spooned: { whole: 0.8 }, soaks: 1.2, typical: [10, 80] },
  'orange-peel-dried': { name: t`Dried orange peel`, percent: { water: 10, glucose: 6, fructose: 6, citric: 1, minerals: 3 }, density: 0.6, spooned: { chopped: 0.25 }, soaks: 3, typical: [1, 10] },
}); // prettier-ignore

/** Zest and leaf of other citrus. */
export const moreCitrus = ingredientFamily('citrus', source, { gives: 0.3, soaks: 0.5, rest: 'inert' }, {
  'lime-zest': { name: t`Lime zest`, percent: { water: 80, glucose: 1.2, fructose: 1.2, citric: 0.6, minerals: 0.6 }, density: 0.9, spooned: { grated: 0.4 }, typical: [1, 10] },
  'grapefruit-zest': { name: t`Grapefruit zest`, percent: { water: 76, sucrose: 1.5, glucose: 1.8, fructose: 1.8, citric: 0.4, minerals: 0.7 }, density: 0.9, spooned: { grated: 0.4 }, typical: [1, 10] },
  'mandarin-zest': { name: t`Mandarin zest`, percent: { water: 74, sucrose: 2, glucose: 2, fructose: 2, citric: 0.3, minerals: 0.8 }, density: 0.9, spooned: { grated: 0.4 }, typical: [1, 10] },
}); // prettier-ignore
