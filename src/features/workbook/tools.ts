import { gramsOfPortion, isPoured, type Portion } from '@/core/matter/portion';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { findIngredients } from '@/core/recipes/ingredient-names';
import { portionTyped } from '@/core/measures/portion-measure';
import { percentagesOf } from '@/core/starter/percentages';
import { coldWaterMl, coolingHours, mixedCelsius, type CoolingWay } from '@/core/workbook/cooling';
import {
  alcoholThreeWays,
  brixAndGravity,
  gravityAt20,
  heldWhenStill,
  mixSweet,
  priming,
  sugarOfJuice,
  vitaminCMilligrams,
} from '@/core/workbook/tools';
import { grams, kitchenMeasure, number, volume } from '@/words/amounts';
import { readMeasured } from '../lots/measure-form';
import { mlAt, numberAt, valueAt, Wrong, type IngredientNames, type Tool } from './tool';

const fixed = (value: number, digits: number) => value.toFixed(digits);
const hoursWords = (hours: number) =>
  hours < 1 ? `${Math.max(1, Math.round(hours * 60))} minutes` : `${fixed(hours, 1)} hours`;

/** The ingredient that a name means, or what is wrong. */
function ingredientNamed(text: string, key: string, names: IngredientNames): string {
  const [found] = findIngredients(text, names);
  if (!found) throw new Wrong(key, 'Not in the table: try honey, fresh ginger, plum.');
  return found;
}

const measures: Tool = {
  id: 'measures',
  title: 'Spoons and grams',
  how: 'Grams are the level volume times what a millilitre of it weighs in a spoon; liquids by their density.',
  fields: [
    { key: 'what', label: 'Ingredient', start: 'Honey', hint: 'Any in the table' },
    { key: 'amount', label: 'Amount', start: '3 tbsp', hint: 'g, spoons or cups' },
  ],
  answer: (typed, _choice, names) => {
    const what = ingredientNamed(typed.what ?? '', 'what', names);
    const portion = valueAt(portionTyped(what, typed.amount ?? ''), 'amount');
    const mass: Portion = { what, grams: gramsOfPortion(portion) };
    return {
      lines: [
        `${ingredientOf(what).name}: ${grams(Math.round(gramsOfPortion(portion) * 10) / 10)}, ${kitchenMeasure(portion) ?? 'many cups'}.`,
        ...(isPoured(what)
          ? [`As a volume ${volume(Math.round(gramsOfPortion(portion) / ingredientOf(what).density))}.`]
          : []),
      ],
      send: { what, amount: `${fixed(mass.grams!, 1)} g` },
    };
  },
};

const percent: Tool = {
  id: 'percent',
  title: 'Percent of sweetener',
  how: 'Percent is the sweetener’s weight over the water’s, times a hundred.',
  fields: [
    { key: 'water', label: 'Water', start: '500 ml' },
    { key: 'sweet', label: 'Sweetener, g', start: '75', hint: 'Or spoons of white sugar' },
  ],
  answer: (typed) => {
    const ml = mlAt(typed, 'water', 'ml');
    const sugar = valueAt(portionTyped('white-sugar', typed.sweet ?? ''), 'sweet');
    const { sweetener } = percentagesOf([{ what: 'water', ml }, sugar]);
    return {
      lines: [
        `${fixed(sweetener, 1)} % of the water’s weight.`,
        `15 % would be ${grams(Math.round(0.15 * ml))}.`,
        `20 % would be ${grams(Math.round(0.2 * ml))}.`,
      ],
      send: { what: 'white-sugar', amount: `${fixed(gramsOfPortion(sugar), 1)} g` },
    };
  },
};

const juice: Tool = {
  id: 'juice',
  title: 'Sugar in juice',
  how: 'By the label: grams in 100 ml times the volume. By a refractometer: °Brix percent of its weight, and its weight from its density.',
  choice: {
    label: 'By',
    options: [
      { value: 'label', label: 'The label' },
      { value: 'brix', label: '°Brix' },
    ],
  },
  fields: [
    { key: 'juice', label: 'Juice', start: '500 ml' },
    { key: 'value', label: 'Sugar in 100 ml, or °Brix', start: '10.5' },
  ],
  answer: (typed, by) => {
    const ml = mlAt(typed, 'juice', 'ml');
    const value = numberAt(typed, 'value', 0, 80);
    const sugar = sugarOfJuice(ml, by === 'brix' ? { brix: value } : { per100Ml: value });
    return {
      lines: [
        `${grams(Math.round(sugar))} of sugar, ${number(Math.round((sugar / ml) * 1000))} g a litre.`,
        `As much as ${grams(Math.round(sugar))} (${kitchenMeasure({ what: 'white-sugar', grams: sugar })}) of white sugar.`,
      ],
    };
  },
};

const mixing: Tool = {
  id: 'mixing',
  title: 'Two liquids together',
  how: 'Volumes add, and so do grams of sugar; the mix holds their sum over their volume.',
  fields: [
    { key: 'a', label: 'First', start: '1 l' },
    { key: 'sa', label: 'Its sugar, g/L', start: '100' },
    { key: 'b', label: 'Second', start: '500 ml' },
    { key: 'sb', label: 'Its sugar, g/L ', start: '20' },
  ],
  answer: (typed) => {
    const mix = mixSweet([
      { ml: mlAt(typed, 'a'), gramsPerLitre: numberAt(typed, 'sa', 0, 900) },
      { ml: mlAt(typed, 'b'), gramsPerLitre: numberAt(typed, 'sb', 0, 900) },
    ]);
    return {
      lines: [
        `${volume(Math.round(mix.ml))} at ${number(Math.round(mix.gramsPerLitre))} g/L, SG ${fixed(mix.sg, 3)}.`,
      ],
    };
  },
};

const gravity: Tool = {
  id: 'gravity',
  title: 'Gravity and alcohol',
  how: 'A hydrometer is corrected by how much water swells. Alcohol three ways: the fall times 131.25; points over 7.5. And by the sugar that must have gone so that the rest weighs what was read.',
  fields: [
    { key: 'og', label: 'First gravity', start: '1.045' },
    { key: 'fg', label: 'Gravity now', start: '1.012' },
    { key: 'celsius', label: 'Read at, °C', start: '24' },
  ],
  answer: (typed) => {
    const og = valueAt(readMeasured('sg', typed.og ?? ''), 'og');
    const celsius = numberAt(typed, 'celsius', 0, 50);
    const fg = gravityAt20(valueAt(readMeasured('sg', typed.fg ?? ''), 'fg'), celsius);
    const ways = alcoholThreeWays(og, fg);
    return {
      lines: [
        `Corrected to 20 °C it is ${fixed(fg, 4)}, ${fixed(brixAndGravity(fg, 'sg').brix, 1)} °Brix if it were sugar alone.`,
        `Alcohol ${fixed(ways.rule131, 1)} % and ${fixed(ways.rule7_5, 1)} % by the rules of thumb, ${fixed(ways.massBalance, 1)} % by mass balance. Estimates all three; priming adds more.`,
      ],
    };
  },
};

const cooling: Tool = {
  id: 'cooling',
  title: 'Cooling time',
  how: 'Newton’s law: the pot’s excess over the room falls by the same share in each hour. The share comes from the pot’s size and lid, or from one reading.',
  choice: {
    label: 'The pot stands',
    options: [
      { value: 'lidded', label: 'Under its lid' },
      { value: 'open', label: 'Open' },
      { value: 'ice-bath', label: 'In ice water, stirred' },
    ],
  },
  fields: [
    { key: 'volume', label: 'In the pot', start: '3 l' },
    { key: 'from', label: 'Now, °C', start: '95' },
    { key: 'to', label: 'Wanted, °C', start: '30' },
    { key: 'around', label: 'Kitchen, °C', start: '21' },
    { key: 'after', label: 'Read after, minutes', start: '', hint: 'Left empty: as pots usually do' },
    { key: 'read', label: 'It showed, °C', start: '' },
  ],
  answer: (typed, way) => {
    const read = (typed.read ?? '').trim() !== '' && (typed.after ?? '').trim() !== '';
    const hours = valueAt(
      coolingHours({
        litres: mlAt(typed, 'volume') / 1000,
        way: way as CoolingWay,
        from: numberAt(typed, 'from', 0, 110),
        to: numberAt(typed, 'to', 0, 100),
        around: numberAt(typed, 'around', -10, 45),
        reading: read
          ? { hours: numberAt(typed, 'after', 0.1, 6000) / 60, celsius: numberAt(typed, 'read', 0, 110) }
          : undefined,
      }),
      read ? 'read' : 'to',
    );
    return {
      lines: [
        `About ${hoursWords(hours)}${read ? ', by your reading' : ', give or take a third: one reading on the way tells more'}.`,
        'Below 30 °C before anything alive goes in.',
      ],
    };
  },
};

const waters: Tool = {
  id: 'waters',
  title: 'Cold water held back',
  how: 'Heat adds: each water by its volume times its temperature, over both volumes.',
  fields: [
    { key: 'hot', label: 'Hot', start: '1.5 l' },
    { key: 'from', label: 'Its warmth, °C', start: '90' },
    { key: 'cold', label: 'Cold water, °C', start: '10' },
    { key: 'to', label: 'Wanted, °C', start: '28' },
  ],
  answer: (typed) => {
    const hot = mlAt(typed, 'hot');
    const [from, cold] = [numberAt(typed, 'from', 0, 110), numberAt(typed, 'cold', 0, 60)];
    const ml = valueAt(coldWaterMl(hot, from, cold, numberAt(typed, 'to', 0, 100)), 'to');
    const same = mixedCelsius([
      { ml: hot, celsius: from },
      { ml: hot, celsius: cold },
    ]);
    return {
      lines: [`${volume(Math.round(ml))} of it.`, `Half and half would come to ${fixed(same, 0)} °C.`],
      send: { what: 'water', amount: `${Math.round(ml)} ml` },
    };
  },
};

const primingTool: Tool = {
  id: 'priming',
  title: 'Priming',
  how: 'The fizz wanted, less what a still base holds at its temperature (Henry’s law). Each gram of sugar a litre makes 0.26 vol. Sugar left from the first ferment comes on top: it is not in here.',
  fields: [
    { key: 'wanted', label: 'Fizz wanted, vol', start: '2.5' },
    { key: 'celsius', label: 'Base, °C', start: '21' },
    { key: 'bottle', label: 'Bottle', start: '500 ml' },
  ],
  answer: (typed) => {
    const celsius = numberAt(typed, 'celsius', 0, 35);
    const { gramsPerLitre, gramsPerBottle } = priming(
      numberAt(typed, 'wanted', 0.5, 5),
      celsius,
      mlAt(typed, 'bottle', 'ml'),
    );
    return {
      lines: [
        `${fixed(gramsPerLitre, 1)} g a litre; ${fixed(gramsPerBottle, 1)} g (${kitchenMeasure({ what: 'white-sugar', grams: gramsPerBottle }) ?? 'none'}) a bottle.`,
        `The base holds ${fixed(heldWhenStill(celsius), 2)} vol already. For a dry base only: sugar that is left makes more, and bottles burst.`,
      ],
    };
  },
};

const chlorine: Tool = {
  id: 'chlorine',
  title: 'Water without chlorine',
  how: 'Vitamin C takes 2.5 mg for each milligram of chlorine or chloramine. Standing open takes 24–48 hours and boiling 15–20 minutes, for chlorine alone.',
  choice: {
    label: 'The works use',
    options: [
      { value: 'chlorine', label: 'Chlorine' },
      { value: 'chloramine', label: 'Chloramine, or not known' },
    ],
  },
  fields: [
    { key: 'water', label: 'Water', start: '4 l' },
    { key: 'mg', label: 'Chlorine, mg a litre', start: '1', hint: '0.2–1 is usual; 4 the most' },
  ],
  answer: (typed, kind) => {
    const mg = vitaminCMilligrams(mlAt(typed, 'water') / 1000, numberAt(typed, 'mg', 0, 10));
    return {
      lines: [
        `${number(Math.round(mg))} mg of vitamin C, a knife’s tip at most; it works at once.`,
        kind === 'chlorine'
          ? 'Or stand it open for a day or two, or boil it a quarter of an hour and cool.'
          : 'Standing and boiling do not take chloramine: vitamin C or a carbon filter.',
      ],
    };
  },
};

/** The small tools, in the order they are offered. */
export const tools: readonly Tool[] = [
  measures,
  percent,
  juice,
  mixing,
  gravity,
  cooling,
  waters,
  primingTool,
  chlorine,
];
