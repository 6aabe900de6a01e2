/** What an ingredient looks like in a jar, by id; families stand in for the rest. Natural colours, the same by day and night. */
const byId: Readonly<Record<string, string>> = {
  plum: '#7C2E4F',
  'plum-puree': '#7C2E4F',
  beetroot: '#8E1B45',
  'beetroot-juice': '#8E1B45',
  raspberry: '#C23A55',
  'raspberry-puree': '#C23A55',
  strawberry: '#D2484F',
  cherry: '#A3203B',
  'cherry-juice': '#A3203B',
  'red-currant-juice': '#B92B3C',
  blackberry: '#4C2A57',
  elderberry: '#43244F',
  gooseberry: '#A9B665',
  pear: '#CDBE6B',
  'pear-juice': '#D8C583',
  'pear-puree': '#CDBE6B',
  quince: '#DDB65A',
  medlar: '#8A5A34',
  apricot: '#E19A45',
  'apricot-puree': '#E19A45',
  peach: '#E6A96D',
  'pineapple-rind': '#C99A3B',
  pineapple: '#E6C558',
  rhubarb: '#C7707C',
  carrot: '#DA7F36',
  tomato: '#C64A35',
  'black-tea': '#8C4A24',
  'green-tea': '#A9A55A',
  rooibos: '#A8472A',
  'hibiscus-flower': '#A81F49',
  nettle: '#5F7A3B',
  lilac: '#9C7FB5',
  'dried-fig': '#8A5B3F',
  raisin: '#5E3B32',
  molasses: '#3F2618',
  'maple-syrup': '#A6652B',
  honey: '#D69A2D',
};
const byFamily: Readonly<Record<string, string>> = {
  water: '#9CC3C6',
  sugar: '#E9D9B4',
  syrup: '#B9772F',
  fruit: '#C2637A',
  juice: '#D09A4A',
  puree: '#B9615D',
  tea: '#8C5A2E',
  ginger: '#D8A94B',
  citrus: '#E3CF57',
  dairy: '#D9DCA8',
  mineral: '#B7AFA6',
  salt: '#C9C2BA',
  spice: '#8B5E3C',
  herb: '#6E8A45',
  flower: '#B58BB0',
  vegetable: '#A6803F',
  culture: '#C99B3E',
};

/** Colour of an ingredient in a jar. */
export const ingredientColour = (id: string, family: string): string =>
  byId[id] ?? byFamily[family] ?? byFamily.water!;

/** How strongly a gram of a family colours a litre, beside a gram of water. */
const tint: Readonly<Record<string, number>> = {
  sugar: 0.15,
  syrup: 2,
  fruit: 1.6,
  juice: 1.4,
  puree: 2,
  tea: 40,
  ginger: 4,
  citrus: 1,
  dairy: 1.5,
  herb: 8,
  flower: 14,
  vegetable: 3,
  spice: 10,
  culture: 0.5,
};

/** Water in a drink only thins its colours: it has none of its own. */
const clear = '#EFE3C8';

/** What goes into a drink, as its colour is mixed. */
export interface Tinting {
  readonly id: string;
  readonly family: string;
  readonly grams: number;
}

const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/** Colour of a drink from what steeps in it: water tinted by each ingredient, as strongly as its kind tints. */
export function drinkColour(parts: readonly Tinting[], waterGrams: number): string {
  const weighed = parts
    .map(({ id, family, grams }) => ({
      colour: ingredientColour(id, family),
      weight: grams * (tint[family] ?? 0),
    }))
    .concat({ colour: clear, weight: waterGrams * 0.12 });
  const sum = weighed.reduce((total, { weight }) => total + weight, 0);
  if (!(sum > 0)) return byFamily.water!;
  const mixed = [0, 1, 2].map((c) =>
    Math.round(weighed.reduce((total, { colour, weight }) => total + channels(colour)[c]! * weight, 0) / sum),
  );
  return `#${mixed.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
}
