import type { Refusal, RefusalCode, RefusalOf, Refusals } from '@/core/refusals';
import { knownCultures } from '@/core/cultures/registry';
import { quantityWords } from './names';

const unchanged = 'Nothing was changed.';
const round = Math.round;
const grams = (value: number) => Number(value.toFixed(1));
const unitAfter = (unit: string) => (unit ? ` ${unit}` : '');

/** What is said of each refusal. */
const sentences: { readonly [C in RefusalCode]: (params: Refusals[C]) => string } = {
  'measure.empty': () => 'Write an amount, such as 30 g or 1 1/2 tbsp.',
  'measure.unreadable': ({ text }) => `“${text}” is not an amount. Try 30 g, ½ cup or 2,5 dl.`,
  'measure.fraction': () => 'A fraction cannot have zero below the line.',
  'measure.unit': ({ word }) =>
    `“${word}” is not a unit Yuzet knows. Use g, kg, oz, ml, cl, dl, L, tsp, tbsp or cup.`,
  'measure.too-much': () => 'That is more than 100 kg or 100 L: check the unit.',
  'measure.not-volume': () => 'That is a mass: write a volume, such as 500 ml or 2 L.',
  'measure.low': ({ low, unit }) => `At least ${low} ${unit}.`,
  'measure.high': ({ high, unit }) => `At most ${high} ${unit} here: check the unit.`,
  'measured.unreadable': ({ quantity }) => {
    const { unit } = quantityWords[quantity];
    return `Write a number${unit ? ` in ${unit}` : ''}.`;
  },
  'measured.range': ({ quantity, low, high }) =>
    `Between ${low} and ${high}${unitAfter(quantityWords[quantity].unit)}.`,
  'add.nothing': () => 'Write at least one amount.',
  'add.over-rim': ({ makes, most }) =>
    `That makes ${round(makes)} ml; this vessel foams over above ${round(most)} ml.`,
  'add.too-much': ({ grams: heavy, vessel }) =>
    `${round(heavy)} g into a ${round(vessel)} ml vessel: check the unit.`,
  'take.nothing': () => 'Write how much.',
  'take.too-much': ({ lot, there }) => `There are ${round(there)} ml of liquid in ${lot}.`,
  'draw.nothing': ({ least }) => `Draw at least ${least} ml, or the batch has nothing to start it.`,
  'draw.too-large': ({ lot, most }) =>
    `At most ${most} ml can be drawn from ${lot} now: the rest must stay to regrow.`,
  'draw.too-low': ({ lot, mark }) =>
    `${lot} is too low to draw from: top it up to the ${mark} ml mark and wait a day.`,
  'packet.unit': () => 'A packet is weighed: write grams.',
  'packet.too-much': ({ lot, there }) => `There are ${grams(there)} g left in ${lot}.`,
  'dose.nothing': () => 'Write how much of it goes in.',
  'pitch.too-hot': ({ celsius, grains }) =>
    grains
      ? `${celsius} °C harms grains for good. Wait until it feels cool to the touch, below 30 °C.`
      : `${celsius} °C kills a starter. Wait until it is below 30 °C: an ice bath takes minutes.`,
  'brew.no-room': () => 'Sugar, fruit and starter already fill it: use less of them, or make more of it.',
  'brew.thick': ({ gramsPerLitre, most }) =>
    `That is ${round(gramsPerLitre)} g/L of sugar: above ${most} nothing ferments well. Use less sugar or more water.`,
  'brew.hardly-anything': ({ later }) =>
    later
      ? 'Nothing is in the jar before the last step: let something go in earlier, or write it down as mixed.'
      : 'That is hardly anything: put something in.',
  'life.none': ({ culture }) => noLife(culture),
  'scale.size': () => 'That makes less than 100 ml or more than 50 L.',
  'scale.no-pot': () => 'Nothing of it is heated: scale it by the jar.',
  'scale.no-dose': () => 'Nothing it is pitched with could set its size.',
  'scale.none-of-it': () => 'There is none of it in the list yet.',
  'swap.not-sweet': () => 'That is not sweet: choose a sweetener.',
  'swap.nothing': () => 'There is nothing to swap.',
  'swap.no-sweetener': () => 'There is no sweetener that the juice could stand for.',
  'swap.too-much-juice': () => 'That is more juice than the whole batch.',
  'swap.too-much-sugar': ({ brings, has }) =>
    `The juice brings ${round(brings)} g of sugar; the sweetener has only ${round(has)} g to give. Take less juice.`,
  'build.not-kept': ({ lot }) => `${lot} is not built up by feeding: it is made anew.`,
  'build.empty': ({ lot }) => `${lot} is empty: it is begun anew.`,
  'build.nothing': ({ least, unit }) => `Ask for at least ${least} ${unit}.`,
  'build.too-much': ({ wanted, jar, stays, most }) =>
    `${round(wanted)} ml would need a jar of at least ${jar} ml: a part of ${round(stays)} ml stays to regrow. Move it first, or ask for ${most} ml.`,
  'build.unit': ({ unit }) =>
    unit === 'g' ? 'Grains are weighed: write grams.' : 'Write a volume, such as 300 ml.',
  'cooling.never': ({ air }) =>
    `It does not get below ${round(air)} °C there: use an ice bath, or cold water.`,
  'cooling.reading': ({ air, from }) =>
    `A reading lies between ${round(air)} and ${round(from)} °C, some time later.`,
  'mix.never': () => 'The cold water is warmer than what you want.',
  'entry.newer': () => 'It holds entries from a newer Yuzet. Update this one first.',
  'entry.invalid': ({ path, why }) => `An entry is damaged${path ? ` at “${path}”` : ''}: ${why}.`,
  'entry.not-correctable': () => 'A correction cannot be corrected: undo it instead.',
  'backup.too-large': () => `This file is over 20 MB: no journal is that long. ${unchanged}`,
  'backup.not-json': () => `This file is damaged or is not a Yuzet journal. ${unchanged}`,
  'backup.foreign': () => `This is not a Yuzet journal. ${unchanged}`,
  'backup.newer': () => `This journal comes from a newer Yuzet. Update this one first. ${unchanged}`,
  'backup.no-entries': () => `This journal has lost its entries. ${unchanged}`,
  'backup.damaged': ({ number, of, because }) =>
    `Entry ${number} of ${of}: ${refusalWords(because)} ${unchanged}`,
  'backup.correction-damaged': ({ because }) =>
    `A correction in it is damaged: ${refusalWords(because)} ${unchanged}`,
  'backup.cancelled': () => `Cancelled. ${unchanged}`,
  'copy.damaged': () => 'A line of the second copy is damaged.',
};

/** Why nothing lives in it yet. */
function noLife(wants: string | null): string {
  const culture = knownCultures(wants);
  return culture && !culture.packet
    ? `Brewed with ${culture.name}, and none lives here yet: begin one, choose another, or add a packet of yeast.`
    : 'Add the yeast, grains or whey to the list, with its amount.';
}

/** A refusal as it is said. */
export const refusalWords = ({ code, params }: Refusal): string => wordsOf(code, params);

const wordsOf = <C extends RefusalCode>(code: C, params: RefusalOf<C>['params']): string =>
  sentences[code](params);
