import type { CauseId, Evidence } from '@/core/trouble/causes';
import type { JarFacts } from '@/core/trouble/jar-facts';
import type { TroubleSign } from '@/core/trouble/trouble-signs';
import { duration, plural } from '../moment';

/** Signs as they are picked, and as they are asked for. */
export const troubleSignWords: Readonly<
  Record<TroubleSign, { readonly label: string; readonly ask: string }>
> = {
  'no-gas': { label: 'No bubbles', ask: 'Stir it: does it stay still, without a bubble?' },
  'still-sweet': { label: 'Still sweet', ask: 'Taste a drop: is it as sweet as when it was fed?' },
  'good-foam': { label: 'Good foam', ask: 'Stir it: does it foam up?' },
  'white-film': {
    label: 'Thin white film',
    ask: 'Is there a thin white film, smooth or wrinkled, without fuzz?',
  },
  pellicle: { label: 'Thick skin', ask: 'Is there a thick, pale skin on top?' },
  fuzz: { label: 'Fuzz', ask: 'Is anything on it fuzzy?' },
  'odd-colour': { label: 'Odd colour', ask: 'Is there green, black, pink or orange?' },
  vinegar: { label: 'Vinegar', ask: 'Does it smell of vinegar?' },
  yeasty: { label: 'Yeasty', ask: 'Does it smell of bread and yeast?' },
  egg: { label: 'Rotten egg', ask: 'Does it smell of rotten egg?' },
  solvent: { label: 'Nail varnish', ask: 'Does it smell of solvent or nail varnish?' },
  foul: { label: 'Foul', ask: 'Does it smell foul?' },
  slime: { label: 'Slime, threads', ask: 'Does the liquid draw threads from a spoon?' },
  'shrunk-grains': { label: 'Small grains', ask: 'Have the grains grown smaller?' },
  'mushy-grains': { label: 'Mushy grains', ask: 'Do the grains fall apart between two fingers?' },
  'plump-grains': { label: 'Plump grains', ask: 'Are the grains plump and translucent?' },
};

/** A cause by name, and the next step. */
export const causeWords: Readonly<Record<CauseId, { readonly title: string; readonly next: string }>> = {
  'too-young': {
    title: 'Only young',
    next: 'Go on feeding and stirring. If nothing moves by the last day of its usual time, begin again. Take other fruit or root, and other water.',
  },
  'too-cold': {
    title: 'Too cold',
    next: 'Stand it where it is 22–27 °C, on a shelf rather than the sill, and look again in a day. It sleeps; it is not dead.',
  },
  'too-hot': {
    title: 'Too hot',
    next: 'Stand it below 28 °C at once, pour off half, and feed it fresh. Above 35 °C cells die: no sign of life in three days, and it is begun anew.',
  },
  starved: {
    title: 'Hungry: the last feed is long eaten',
    next: 'Pour off a third to a half, feed it as usual, stir, and feed once more a day later. It foams again within one to two days.',
  },
  neglected: {
    title: 'Left alone for long',
    next: 'Keep a spoonful, put it into fresh sugar water with a usual feed, and give it three warm days. No gas by then: begin a new one.',
  },
  'drawn-low': {
    title: 'Drawn down too far',
    next: 'Too few were left to regrow fast. Top it up to the mark, feed it daily, and draw nothing for two or three days.',
  },
  'thin-feed': {
    title: 'Too little sugar in its feed',
    next: 'Weigh the next feed: a spoon is often half of what it is taken for. With the right percentage it recovers within two feeds.',
  },
  'rich-feed': {
    title: 'Too much sugar',
    next: 'Pour off half and fill up with plain water, warmer if it stands cold. Slimy liquid is thrown away, the culture rinsed and rested.',
  },
  'lifeless-plant': {
    title: 'The plant brought no life',
    next: 'Peeled, washed, treated or florist’s plants bring none. Add a spoon of unpeeled, untreated root or unwashed fruit; no bubbles in three days, and it is begun anew.',
  },
  'treated-water': {
    title: 'Chlorine in the water',
    next: 'Use water that was boiled for 15 minutes and cooled, or filtered; standing open does not remove chloramine. Feed with it from now on.',
  },
  'too-few-minerals': {
    title: 'Too few minerals',
    next: 'Feed it unrefined sugar, or a few drops of molasses, for a cycle or two. A pinch of bicarbonate or a dried fig helps too. White sugar alone starves grains.',
  },
  overcrowded: {
    title: 'Too many grains for their sugar',
    next: 'Take out a third to a half: a second jar, a gift, dried or eaten. Keep about 40–90 g of grains a litre with 50–80 g of sugar.',
  },
  'too-much-air': {
    title: 'Too much air, too long',
    next: 'Feed it sooner and keep the surface small; the sour liquid is good in a kitchen. It is safe, but it makes sour soda.',
  },
  kahm: {
    title: 'Kahm yeast: harmless',
    next: 'Skim it, stir twice a day, and feed it sooner. If it smells off or grows fuzz, throw it out.',
  },
  mould: {
    title: 'Mould',
    next: 'Throw all of it out, without tasting. Wash the jar hot, and boil or sanitise it before it is used again.',
  },
  'nothing-wrong': {
    title: 'Nothing seems wrong',
    next: 'Go on as you do. A quiet hour after a feed is usual; look again tomorrow.',
  },
};

const late = (hours: number) => duration(hours);

/** One fact of the ledger, as a reason. */
const factWords: { readonly [K in keyof JarFacts]: (value: JarFacts[K]) => string } = {
  ageDays: (days) => `it is ${plural(Math.round(days), 'day')} old`,
  fedHoursAgo: (hours) => `it was fed ${late(hours)} ago`,
  celsius: (celsius) => `it stands at about ${celsius.toFixed(0)} °C`,
  warmest: (celsius) => `its warmest lately was ${celsius.toFixed(0)} °C`,
  coldDays: (days) => `${plural(days, 'day')} of the last fortnight were in the fridge`,
  leastLevel: (share) => `it was down to ${Math.round(share * 100)} % of its mark`,
  sweetenerPercent: (percent) =>
    percent === null ? 'its sugar is not known' : `its last water was ${percent.toFixed(1)} % sweetener`,
  minerals: (had) => (had ? 'its feeds brought minerals' : 'its feeds brought no minerals'),
  grainsPerSugar: (grams) =>
    grams === null
      ? 'its grains are not weighed'
      : `it has ${grams.toFixed(1)} g of grains for each gram of sugar`,
  stirredHoursAgo: (hours) =>
    Number.isFinite(hours) ? `it was stirred ${late(hours)} ago` : 'it was never stirred',
};

/** What in the ledger speaks for a cause, strongest first; none when nothing does. */
export function becauseWords(evidence: readonly Evidence[], facts: JarFacts): string {
  const said = [...evidence]
    .filter(({ times }) => times >= 1.3)
    .sort((a, b) => b.times - a.times)
    .map(({ fact }) => (factWords[fact] as (value: unknown) => string)(facts[fact]));
  return [...new Set(said)].join(', and ');
}
