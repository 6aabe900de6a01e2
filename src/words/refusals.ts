import type { Refusal, RefusalCode, RefusalOf, Refusals } from '@/core/refusals';
import { knownCultures } from '@/core/cultures/registry';
import { quantityWords } from './names';
import { t } from '@/core/language/t';

const unchanged = t`Nothing was changed.`;
const round = Math.round;
const grams = (value: number) => Number(value.toFixed(1));
const unitAfter = (unit: string) => (unit ? ` ${unit}` : '');

/** What is said of each refusal. */
const sentences: { readonly [C in RefusalCode]: (params: Refusals[C]) => string } = {
  'measure.empty': () => t`Write an amount, such as 30 g or 1 1/2 tbsp.`,
  'measure.unreadable': ({ text }) => t`“${text}” is not an amount. Try 30 g, ½ cup or 2,5 dl.`,
  'measure.fraction': () => t`A fraction cannot have zero below the line.`,
  'measure.unit': ({ word }) =>
    t`“${word}” is not a unit Yuzet knows. Use g, kg, oz, ml, cl, dl, L, tsp, tbsp or cup.`,
  'measure.too-much': () => t`That is more than 100 kg or 100 L: check the unit.`,
  'measure.not-volume': () => t`That is a mass: write a volume, such as 500 ml or 2 L.`,
  'measure.low': ({ low, unit }) => t`At least ${low} ${unit}.`,
  'measure.high': ({ high, unit }) => t`At most ${high} ${unit} here: check the unit.`,
  'measured.unreadable': ({ quantity }) => {
    const { unit } = quantityWords[quantity];
    return t`Write a number${unit ? t` in ${unit}` : ''}.`;
  },
  'measured.range': ({ quantity, low, high }) =>
    t`Between ${low} and ${high}${unitAfter(quantityWords[quantity].unit)}.`,
  'add.nothing': () => t`Write at least one amount.`,
  'add.over-rim': ({ makes, most }) =>
    t`That makes ${round(makes)} ml; this vessel foams over above ${round(most)} ml.`,
  'add.too-much': ({ grams: heavy, vessel }) =>
    t`${round(heavy)} g into a ${round(vessel)} ml vessel: check the unit.`,
  'take.nothing': () => t`Write how much.`,
  'take.too-much': ({ lot, there }) => t`There are ${round(there)} ml of liquid in ${lot}.`,
  'draw.nothing': ({ least }) => t`Draw at least ${least} ml, or the batch has nothing to start it.`,
  'draw.too-large': ({ lot, most }) =>
    t`At most ${most} ml can be drawn from ${lot} now: the rest must stay to regrow.`,
  'draw.too-low': ({ lot, mark }) =>
    t`${lot} is too low to draw from: top it up to the ${mark} ml mark and wait a day.`,
  'packet.unit': () => t`A packet is weighed: write grams.`,
  'packet.too-much': ({ lot, there }) => t`There are ${grams(there)} g left in ${lot}.`,
  'dose.nothing': () => t`Write how much of it goes in.`,
  'pitch.too-hot': ({ celsius, grains }) =>
    grains
      ? t`${celsius} °C harms grains for good. Wait until it feels cool to the touch, below 30 °C.`
      : t`${celsius} °C kills a starter. Wait until it is below 30 °C: an ice bath takes minutes.`,
  'brew.no-room': () => t`Sugar, fruit and starter already fill it: use less of them, or make more of it.`,
  'brew.thick': ({ gramsPerLitre, most }) =>
    t`That is ${round(gramsPerLitre)} g/L of sugar: above ${most} nothing ferments well. Use less sugar or more water.`,
  'brew.hardly-anything': ({ later }) =>
    later
      ? t`Nothing is in the jar before the last step: let something go in earlier, or write it down as mixed.`
      : t`That is hardly anything: put something in.`,
  'life.none': ({ culture }) => noLife(culture),
  'scale.size': () => t`That makes less than 100 ml or more than 50 L.`,
  'scale.no-pot': () => t`Nothing of it is heated: scale it by the jar.`,
  'scale.no-dose': () => t`Nothing it is pitched with could set its size.`,
  'scale.none-of-it': () => t`There is none of it in the list yet.`,
  'swap.not-sweet': () => t`That is not sweet: choose a sweetener.`,
  'swap.nothing': () => t`There is nothing to swap.`,
  'swap.no-sweetener': () => t`There is no sweetener that the juice could stand for.`,
  'swap.too-much-juice': () => t`That is more juice than the whole batch.`,
  'swap.too-much-sugar': ({ brings, has }) =>
    t`The juice brings ${round(brings)} g of sugar; the sweetener has only ${round(has)} g to give. Take less juice.`,
  'build.not-kept': ({ lot }) => t`${lot} is not built up by feeding: make a new one.`,
  'build.empty': ({ lot }) => t`${lot} is empty: begin a new one.`,
  'build.nothing': ({ least, unit }) => t`Ask for at least ${least} ${unit}.`,
  'build.too-much': ({ wanted, jar, stays, most }) =>
    t`${round(wanted)} ml would need a jar of at least ${jar} ml: a part of ${round(stays)} ml stays to regrow. Move it first, or ask for ${most} ml.`,
  'build.unit': ({ unit }) =>
    unit === 'g' ? t`Grains are weighed: write grams.` : t`Write a volume, such as 300 ml.`,
  'cooling.never': ({ air }) =>
    t`It does not get below ${round(air)} °C there: use an ice bath, or cold water.`,
  'cooling.reading': ({ air, from }) =>
    t`A reading lies between ${round(air)} and ${round(from)} °C, some time later.`,
  'mix.never': () => t`The cold water is warmer than what you want.`,
  'entry.newer': () => t`It holds entries from a newer Yuzet. Update this one first.`,
  'entry.invalid': ({ path, why }) => t`An entry is damaged${path ? t` at “${path}”` : ''}: ${why}.`,
  'entry.not-correctable': () => t`A correction cannot be corrected: undo it instead.`,
  'backup.too-large': () => t`This file is over 20 MB: no journal is that long. ${unchanged}`,
  'backup.not-json': () => t`This file is damaged or is not a Yuzet journal. ${unchanged}`,
  'backup.foreign': () => t`This is not a Yuzet journal. ${unchanged}`,
  'backup.newer': () => t`This journal comes from a newer Yuzet. Update this one first. ${unchanged}`,
  'backup.no-entries': () => t`This journal has lost its entries. ${unchanged}`,
  'backup.damaged': ({ number, of, because }) =>
    t`Entry ${number} of ${of}: ${refusalWords(because)} ${unchanged}`,
  'backup.correction-damaged': ({ because }) =>
    t`A correction in it is damaged: ${refusalWords(because)} ${unchanged}`,
  'backup.cancelled': () => t`Cancelled. ${unchanged}`,
  'calendar.unreadable': () => t`This is no calendar file. Nothing was changed.`,
  'calendar.too-long': () => t`This calendar is too long: at most five million characters.`,
  'copy.damaged': () => t`A line of the second copy is damaged.`,
};

/** Why nothing lives in it yet. */
function noLife(wants: string | null): string {
  const culture = knownCultures(wants);
  return culture && !culture.packet
    ? t`Brewed with ${culture.name}, and none lives here yet: begin one, choose another, or add a packet of yeast.`
    : t`Add the yeast, grains or whey to the list, with its amount.`;
}

/** A refusal as it is said. */
export const refusalWords = ({ code, params }: Refusal): string => wordsOf(code, params);

const wordsOf = <C extends RefusalCode>(code: C, params: RefusalOf<C>['params']): string =>
  sentences[code](params);
