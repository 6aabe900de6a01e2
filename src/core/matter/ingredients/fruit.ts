import { ingredientFamily } from '../ingredient';

const source = 'food composition tables (USDA FoodData Central ranges); cup weights and soak-up: practice';

/** Fresh fruit as bought, stones and cores out. Sugar varies by a third with ripeness. */
export const fruit = ingredientFamily('fruit', source, { gives: 0.7, soaks: 0.5, rest: 'inert' }, {
  pear: { name: 'Pear', percent: { water: 84, sucrose: 0.7, glucose: 2.7, fructose: 6.5, malic: 0.25, citric: 0.1, minerals: 0.3 }, density: 1.0, spooned: { chopped: 0.62, grated: 0.8, pureed: 1.03 }, typical: [80, 400] },
  plum: { name: 'Plum', percent: { water: 87, sucrose: 1.6, glucose: 5.1, fructose: 3.1, malic: 1.2, minerals: 0.3 }, density: 1.02, spooned: { chopped: 0.7, pureed: 1.03 }, typical: [80, 400] },
  quince: { name: 'Quince', percent: { water: 84, sucrose: 0.6, glucose: 2.5, fructose: 6, malic: 0.9, minerals: 0.4 }, density: 1.0, spooned: { chopped: 0.6, grated: 0.75 }, typical: [60, 300] },
  medlar: { name: 'Medlar', percent: { water: 75, glucose: 4.5, fructose: 6, malic: 0.7, minerals: 0.5 }, density: 1.02, spooned: { pureed: 1.0 }, typical: [60, 250] },
  gooseberry: { name: 'Gooseberry', percent: { water: 88, sucrose: 0.6, glucose: 3.2, fructose: 3.5, citric: 1, malic: 1.1, minerals: 0.4 }, density: 1.0, spooned: { whole: 0.63, pureed: 1.02 }, typical: [80, 300] },
  raspberry: { name: 'Raspberry', percent: { water: 86, sucrose: 0.2, glucose: 1.9, fructose: 2.4, citric: 1.6, malic: 0.2, minerals: 0.4 }, density: 0.98, spooned: { whole: 0.52, pureed: 1.03 }, typical: [60, 250] },
  blackberry: { name: 'Blackberry', percent: { water: 88, sucrose: 0.1, glucose: 2.3, fructose: 2.4, citric: 0.3, malic: 0.6, minerals: 0.4 }, density: 1.0, spooned: { whole: 0.6, pureed: 1.03 }, typical: [60, 300] },
  strawberry: { name: 'Strawberry', percent: { water: 91, sucrose: 0.5, glucose: 2, fructose: 2.4, citric: 0.8, malic: 0.2, minerals: 0.4 }, density: 0.98, spooned: { whole: 0.61, chopped: 0.7, pureed: 1.02 }, typical: [80, 350] },
  cherry: { name: 'Cherry', percent: { water: 82, sucrose: 0.2, glucose: 6.6, fructose: 5.4, malic: 0.7, minerals: 0.5 }, density: 1.04, spooned: { whole: 0.6, chopped: 0.7, pureed: 1.05 }, typical: [80, 350] },
  apricot: { name: 'Apricot', percent: { water: 86, sucrose: 5.9, glucose: 2.4, fructose: 0.9, malic: 0.8, citric: 0.5, minerals: 0.5 }, density: 1.02, spooned: { chopped: 0.65, pureed: 1.04 }, typical: [80, 350] },
  peach: { name: 'Peach', percent: { water: 88, sucrose: 4.8, glucose: 2, fructose: 1.5, malic: 0.5, citric: 0.2, minerals: 0.4 }, density: 1.0, spooned: { chopped: 0.68, pureed: 1.03 }, typical: [80, 350] },
  apple: { name: 'Apple', percent: { water: 85.5, sucrose: 2, glucose: 2.4, fructose: 5.9, malic: 0.6, minerals: 0.2 }, density: 0.85, spooned: { chopped: 0.5, grated: 0.7, pureed: 1.03 }, typical: [80, 400] },
  pineapple: { name: 'Pineapple flesh', percent: { water: 86, sucrose: 6, glucose: 1.7, fructose: 2.1, citric: 0.7, malic: 0.15, minerals: 0.3 }, density: 0.98, spooned: { chopped: 0.7, pureed: 1.04 }, typical: [80, 350] },
  'pineapple-rind': { name: 'Pineapple rind and core', percent: { water: 85, sucrose: 3.5, glucose: 1.6, fructose: 1.9, citric: 0.5, malic: 0.2, minerals: 0.5 }, density: 0.95, spooned: { chopped: 0.45 }, gives: 0.6, typical: [150, 400] },
  melon: { name: 'Melon', percent: { water: 90, sucrose: 4.4, glucose: 1.5, fructose: 1.9, citric: 0.2, minerals: 0.6 }, density: 0.98, spooned: { chopped: 0.66, pureed: 1.02 }, typical: [100, 400] },
  rosehip: { name: 'Rosehip', percent: { water: 59, sucrose: 0.5, glucose: 7, fructose: 7.5, citric: 2, malic: 0.8, minerals: 1.2 }, density: 0.95, spooned: { whole: 0.55, chopped: 0.6 }, typical: [40, 150] },
  elderberry: { name: 'Elderberry, cooked', percent: { water: 80, glucose: 3.5, fructose: 3.9, citric: 0.6, malic: 0.2, minerals: 0.6 }, density: 1.0, spooned: { whole: 0.6 }, typical: [40, 200] },
  'dried-fig': { name: 'Dried fig', percent: { water: 30, glucose: 24.8, fructose: 22.9, citric: 0.3, minerals: 1.9 }, density: 1.2, spooned: { chopped: 0.63 }, gives: 0.6, soaks: 0.9, typical: [5, 60] },
  raisin: { name: 'Raisin', percent: { water: 15, sucrose: 0.5, glucose: 28, fructose: 30, malic: 0.8, minerals: 1.9 }, density: 1.35, spooned: { whole: 0.65 }, gives: 0.6, soaks: 0.8, typical: [5, 60] },
  rhubarb: { name: 'Rhubarb stalk', percent: { water: 93.6, glucose: 0.4, fructose: 0.4, malic: 1.4, citric: 0.4, minerals: 0.8 }, density: 1.0, spooned: { chopped: 0.52 }, typical: [80, 350] },
  tomato: { name: 'Tomato', percent: { water: 94.5, glucose: 1.25, fructose: 1.4, citric: 0.45, minerals: 0.5 }, density: 1.0, spooned: { chopped: 0.76, pureed: 1.03 }, typical: [60, 300] },
}); // prettier-ignore

/** Vegetables that go into sodas. */
export const vegetables = ingredientFamily('vegetable', source, { gives: 0.5, soaks: 0.4, rest: 'inert' }, {
  beetroot: { name: 'Beetroot', percent: { water: 87.5, sucrose: 6.5, glucose: 0.2, fructose: 0.2, citric: 0.1, minerals: 1.1 }, density: 1.05, spooned: { chopped: 0.57, grated: 0.6 }, typical: [30, 200] },
  carrot: { name: 'Carrot', percent: { water: 88, sucrose: 3.6, glucose: 0.6, fructose: 0.6, malic: 0.2, minerals: 1 }, density: 1.04, spooned: { chopped: 0.54, grated: 0.46 }, typical: [30, 200] },
  celery: { name: 'Celery stalk', percent: { water: 95, glucose: 0.4, fructose: 0.4, malic: 0.2, minerals: 0.8 }, density: 0.95, spooned: { chopped: 0.43 }, typical: [20, 120] },
  cucumber: { name: 'Cucumber', percent: { water: 95.5, glucose: 0.8, fructose: 0.9, malic: 0.2, minerals: 0.4 }, density: 0.97, spooned: { sliced: 0.5, grated: 0.9 }, typical: [40, 250] },
}); // prettier-ignore
