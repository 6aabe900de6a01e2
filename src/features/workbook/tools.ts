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
import { degreesAt, mlAt, numberAt, valueAt, Wrong, type IngredientNames, type Tool } from './tool';
import { t } from '@/core/language/t';
import { readingShown } from '@/core/measures/unit-system';

const fixed = (value: number, digits: number) => value.toFixed(digits);
const hoursWords = (hours: number) =>
  hours < 1 ? t`${Math.max(1, Math.round(hours * 60))} minutes` : t`${fixed(hours, 1)} hours`;

/** The ingredient that a name means, or what is wrong. */
function ingredientNamed(text: string, key: string, names: IngredientNames): string {
  const [found] = findIngredients(text, names);
  if (!found) throw new Wrong(key, t`Not in the table: try honey, fresh ginger, plum.`);
  return found;
}

const measures: Tool = {
  id: 'measures',
  title: t`Spoons and grams`,
  how: t`Grams are the level volume times what a millilitre of it weighs in a spoon; liquids by their density.`,
  fields: [
    { key: 'what', label: t`Ingredient`, start: t`Honey`, hint: t`Any in the table` },
    { key: 'amount', label: t`Amount`, start: '3 tbsp', hint: t`g, spoons or cups` },
  ],
  answer: (typed, _choice, names) => {
    const what = ingredientNamed(typed.what ?? '', 'what', names);
    const portion = valueAt(portionTyped(what, typed.amount ?? ''), 'amount');
    const mass: Portion = { what, grams: gramsOfPortion(portion) };
    return {
      lines: [
        `${ingredientOf(what).name}: ${grams(Math.round(gramsOfPortion(portion) * 10) / 10)}, ${kitchenMeasure(portion) ?? t`many cups`}.`,
        ...(isPoured(what)
          ? [t`As a volume ${volume(Math.round(gramsOfPortion(portion) / ingredientOf(what).density))}.`]
          : []),
      ],
      send: { what, amount: `${fixed(mass.grams!, 1)} g` },
    };
  },
};

const percent: Tool = {
  id: 'percent',
  title: t`Percent of sweetener`,
  how: t`Percent is the sweetener’s weight over the water’s, times a hundred.`,
  fields: [
    { key: 'water', label: t`Water`, start: '500 ml' },
    { key: 'sweet', label: t`Sweetener, g`, start: '75', hint: t`Or spoons of white sugar` },
  ],
  answer: (typed) => {
    const ml = mlAt(typed, 'water', 'ml');
    const sugar = valueAt(portionTyped('white-sugar', typed.sweet ?? ''), 'sweet');
    const { sweetener } = percentagesOf([{ what: 'water', ml }, sugar]);
    return {
      lines: [
        t`${fixed(sweetener, 1)} % of the water’s weight.`,
        t`15 % would be ${grams(Math.round(0.15 * ml))}.`,
        t`20 % would be ${grams(Math.round(0.2 * ml))}.`,
      ],
      send: { what: 'white-sugar', amount: `${fixed(gramsOfPortion(sugar), 1)} g` },
    };
  },
};

const juice: Tool = {
  id: 'juice',
  title: t`Sugar in juice`,
  how: t`By the label: grams in 100 ml times the volume. By a refractometer: °Brix percent of its weight, and its weight from its density.`,
  choice: {
    label: t`By`,
    options: [
      { value: 'label', label: t`The label` },
      { value: 'brix', label: '°Brix' },
    ],
  },
  fields: [
    { key: 'juice', label: t`Juice`, start: '500 ml' },
    { key: 'value', label: t`Sugar in 100 ml, or °Brix`, start: '10.5' },
  ],
  answer: (typed, by) => {
    const ml = mlAt(typed, 'juice', 'ml');
    const value = numberAt(typed, 'value', 0, 80);
    const sugar = sugarOfJuice(ml, by === 'brix' ? { brix: value } : { per100Ml: value });
    return {
      lines: [
        t`${grams(Math.round(sugar))} of sugar, ${number(Math.round((sugar / ml) * 1000))} g a litre.`,
        t`As much as ${grams(Math.round(sugar))} (${kitchenMeasure({ what: 'white-sugar', grams: sugar })}) of white sugar.`,
      ],
    };
  },
};

const mixing: Tool = {
  id: 'mixing',
  title: t`Two liquids together`,
  how: t`Volumes add, and so do grams of sugar; the mix holds their sum over their volume.`,
  fields: [
    { key: 'a', label: t`First`, start: '1 l' },
    { key: 'sa', label: t`Its sugar, g/L`, start: '100' },
    { key: 'b', label: t`Second`, start: '500 ml' },
    { key: 'sb', label: t`Its sugar, g/L `, start: '20' },
  ],
  answer: (typed) => {
    const mix = mixSweet([
      { ml: mlAt(typed, 'a'), gramsPerLitre: numberAt(typed, 'sa', 0, 900) },
      { ml: mlAt(typed, 'b'), gramsPerLitre: numberAt(typed, 'sb', 0, 900) },
    ]);
    return {
      lines: [
        t`${volume(Math.round(mix.ml))} at ${number(Math.round(mix.gramsPerLitre))} g/L, SG ${fixed(mix.sg, 3)}.`,
      ],
    };
  },
};

const gravity: Tool = {
  id: 'gravity',
  title: t`Gravity and alcohol`,
  how: t`A hydrometer is corrected by how much water swells. Alcohol three ways: the fall times 131.25; points over 7.5. And by the sugar that must have gone so that the rest weighs what was read.`,
  fields: [
    { key: 'og', label: t`First gravity`, start: '1.045' },
    { key: 'fg', label: t`Gravity now`, start: '1.012' },
    { key: 'celsius', label: t`Read at, °C`, start: String(readingShown(24, '°C')) },
  ],
  answer: (typed) => {
    const og = valueAt(readMeasured('sg', typed.og ?? ''), 'og');
    const celsius = degreesAt(typed, 'celsius', 0, 50);
    const fg = gravityAt20(valueAt(readMeasured('sg', typed.fg ?? ''), 'fg'), celsius);
    const ways = alcoholThreeWays(og, fg);
    return {
      lines: [
        t`Corrected to 20 °C it is ${fixed(fg, 4)}, ${fixed(brixAndGravity(fg, 'sg').brix, 1)} °Brix if it were sugar alone.`,
        t`Alcohol ${fixed(ways.rule131, 1)} % and ${fixed(ways.rule7_5, 1)} % by the rules of thumb, ${fixed(ways.massBalance, 1)} % by mass balance. Estimates all three; priming adds more.`,
      ],
    };
  },
};

const cooling: Tool = {
  id: 'cooling',
  title: t`Cooling time`,
  how: t`Newton’s law: the pot’s excess over the room falls by the same share in each hour. The share comes from the pot’s size and lid, or from one reading.`,
  choice: {
    label: t`The pot stands`,
    options: [
      { value: 'lidded', label: t`Under its lid` },
      { value: 'open', label: t`Open` },
      { value: 'ice-bath', label: t`In ice water, stirred` },
    ],
  },
  fields: [
    { key: 'volume', label: t`In the pot`, start: '3 l' },
    { key: 'from', label: t`Now, °C`, start: String(readingShown(95, '°C')) },
    { key: 'to', label: t`Wanted, °C`, start: String(readingShown(30, '°C')) },
    { key: 'around', label: t`Kitchen, °C`, start: String(readingShown(21, '°C')) },
    { key: 'after', label: t`Read after, minutes`, start: '', hint: t`Left empty: as pots usually do` },
    { key: 'read', label: t`It showed, °C`, start: '' },
  ],
  answer: (typed, way) => {
    const read = (typed.read ?? '').trim() !== '' && (typed.after ?? '').trim() !== '';
    const hours = valueAt(
      coolingHours({
        litres: mlAt(typed, 'volume') / 1000,
        way: way as CoolingWay,
        from: degreesAt(typed, 'from', 0, 110),
        to: degreesAt(typed, 'to', 0, 100),
        around: degreesAt(typed, 'around', -10, 45),
        reading: read
          ? { hours: numberAt(typed, 'after', 0.1, 6000) / 60, celsius: degreesAt(typed, 'read', 0, 110) }
          : undefined,
      }),
      read ? 'read' : 'to',
    );
    return {
      lines: [
        t`About ${hoursWords(hours)}${read ? t`, by your reading` : t`, give or take a third: one reading on the way tells more`}.`,
        t`Below 30 °C before anything alive goes in.`,
      ],
    };
  },
};

const waters: Tool = {
  id: 'waters',
  title: t`Cold water held back`,
  how: t`Heat adds: each water by its volume times its temperature, over both volumes.`,
  fields: [
    { key: 'hot', label: t`Hot`, start: '1.5 l' },
    { key: 'from', label: t`Its warmth, °C`, start: String(readingShown(90, '°C')) },
    { key: 'cold', label: t`Cold water, °C`, start: String(readingShown(10, '°C')) },
    { key: 'to', label: t`Wanted, °C`, start: String(readingShown(28, '°C')) },
  ],
  answer: (typed) => {
    const hot = mlAt(typed, 'hot');
    const [from, cold] = [degreesAt(typed, 'from', 0, 110), degreesAt(typed, 'cold', 0, 60)];
    const ml = valueAt(coldWaterMl(hot, from, cold, degreesAt(typed, 'to', 0, 100)), 'to');
    const same = mixedCelsius([
      { ml: hot, celsius: from },
      { ml: hot, celsius: cold },
    ]);
    return {
      lines: [t`${volume(Math.round(ml))} of it.`, t`Half and half would come to ${fixed(same, 0)} °C.`],
      send: { what: 'water', amount: `${Math.round(ml)} ml` },
    };
  },
};

const primingTool: Tool = {
  id: 'priming',
  title: t`Priming`,
  how: t`The fizz wanted, less what a still base holds at its temperature (Henry’s law). Each gram of sugar a litre makes 0.26 vol. Sugar left from the first ferment comes on top: it is not in here.`,
  fields: [
    { key: 'wanted', label: t`Fizz wanted, vol`, start: '2.5' },
    { key: 'celsius', label: t`Base, °C`, start: String(readingShown(21, '°C')) },
    { key: 'bottle', label: t`Bottle`, start: '500 ml' },
  ],
  answer: (typed) => {
    const celsius = degreesAt(typed, 'celsius', 0, 35);
    const { gramsPerLitre, gramsPerBottle } = priming(
      numberAt(typed, 'wanted', 0.5, 5),
      celsius,
      mlAt(typed, 'bottle', 'ml'),
    );
    return {
      lines: [
        t`${fixed(gramsPerLitre, 1)} g a litre; ${fixed(gramsPerBottle, 1)} g (${kitchenMeasure({ what: 'white-sugar', grams: gramsPerBottle }) ?? t`none`}) a bottle.`,
        t`The base holds ${fixed(heldWhenStill(celsius), 2)} vol already. For a dry base only: sugar that is left makes more, and bottles burst.`,
      ],
    };
  },
};

const chlorine: Tool = {
  id: 'chlorine',
  title: t`Water without chlorine`,
  how: t`Vitamin C takes 2.5 mg for each milligram of chlorine or chloramine. Standing open takes 24–48 hours and boiling 15–20 minutes, for chlorine alone.`,
  choice: {
    label: t`The works use`,
    options: [
      { value: 'chlorine', label: t`Chlorine` },
      { value: 'chloramine', label: t`Chloramine, or not known` },
    ],
  },
  fields: [
    { key: 'water', label: t`Water`, start: '4 l' },
    { key: 'mg', label: t`Chlorine, mg a litre`, start: '1', hint: t`0.2–1 is usual; 4 the most` },
  ],
  answer: (typed, kind) => {
    const mg = vitaminCMilligrams(mlAt(typed, 'water') / 1000, numberAt(typed, 'mg', 0, 10));
    return {
      lines: [
        t`${number(Math.round(mg))} mg of vitamin C, a knife’s tip at most; it works at once.`,
        kind === 'chlorine'
          ? t`Or stand it open for a day or two, or boil it a quarter of an hour and cool.`
          : t`Standing and boiling do not take chloramine: vitamin C or a carbon filter.`,
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
