import type { CauseId, Evidence } from '@/core/trouble/causes';
import type { JarFacts } from '@/core/trouble/jar-facts';
import type { TroubleSign } from '@/core/trouble/trouble-signs';
import { duration } from '../moment';
import { plural, t } from '@/core/language/t';

/** Signs as they are picked, and as they are asked for. */
export const troubleSignWords: Readonly<
  Record<TroubleSign, { readonly label: string; readonly ask: string }>
> = {
  'no-gas': { label: t`No bubbles`, ask: t`Stir it: does it stay still, without a bubble?` },
  'still-sweet': { label: t`Still sweet`, ask: t`Taste a drop: is it as sweet as when it was fed?` },
  'good-foam': { label: t`Good foam`, ask: t`Stir it: does it foam up?` },
  'white-film': {
    label: t`Thin white film`,
    ask: t`Is there a thin white film, smooth or wrinkled, without fuzz?`,
  },
  pellicle: { label: t`Thick skin`, ask: t`Is there a thick, pale skin on top?` },
  fuzz: { label: t`Fuzz`, ask: t`Is anything on it fuzzy?` },
  'odd-colour': { label: t`Odd colour`, ask: t`Is there green, black, pink or orange?` },
  vinegar: { label: t`Vinegar`, ask: t`Does it smell of vinegar?` },
  yeasty: { label: t`Yeasty`, ask: t`Does it smell of bread and yeast?` },
  egg: { label: t`Rotten egg`, ask: t`Does it smell of rotten egg?` },
  solvent: { label: t`Nail varnish`, ask: t`Does it smell of solvent or nail varnish?` },
  foul: { label: t`Foul`, ask: t`Does it smell foul?` },
  slime: { label: t`Slime, threads`, ask: t`Does the liquid draw threads from a spoon?` },
  'shrunk-grains': { label: t`Small grains`, ask: t`Have the grains grown smaller?` },
  'mushy-grains': { label: t`Mushy grains`, ask: t`Do the grains fall apart between two fingers?` },
  'plump-grains': { label: t`Plump grains`, ask: t`Are the grains plump and translucent?` },
};

/** A cause by name, and the next step. */
export const causeWords: Readonly<Record<CauseId, { readonly title: string; readonly next: string }>> = {
  'too-young': {
    title: t`Only young`,
    next: t`Go on feeding and stirring. If nothing moves by the last day of its usual time, begin again. Take other fruit or root, and other water.`,
  },
  'too-cold': {
    title: t`Too cold`,
    next: t`Stand it where it is 22–27 °C, on a shelf rather than the sill, and look again in a day. It sleeps; it is not dead.`,
  },
  'too-hot': {
    title: t`Too hot`,
    next: t`Stand it below 28 °C at once, pour off half, and feed it fresh. Above 35 °C cells die. No sign of life in three days? Begin a new one.`,
  },
  starved: {
    title: t`Hungry: the last feed is long eaten`,
    next: t`Pour off a third to a half, feed it as usual, stir, and feed once more a day later. It foams again within one to two days.`,
  },
  neglected: {
    title: t`Left alone for long`,
    next: t`Keep a spoonful, put it into fresh sugar water with a usual feed, and give it three warm days. No gas by then: begin a new one.`,
  },
  'drawn-low': {
    title: t`Drawn down too far`,
    next: t`Too few were left to regrow fast. Top it up to the mark, feed it daily, and draw nothing for two or three days.`,
  },
  'thin-feed': {
    title: t`Too little sugar in its feed`,
    next: t`Weigh the next feed: a spoon is often half of what it is taken for. With the right percentage it recovers within two feeds.`,
  },
  'rich-feed': {
    title: t`Too much sugar`,
    next: t`Pour off half and fill up with plain water, warmer if it stands cold. Slimy liquid is thrown away, the culture rinsed and rested.`,
  },
  'lifeless-plant': {
    title: t`The plant brought no life`,
    next: t`Peeled, washed, treated or florist’s plants bring none. Add a spoon of unpeeled, untreated root or unwashed fruit. No bubbles in three days? Begin a new one.`,
  },
  'treated-water': {
    title: t`Chlorine in the water`,
    next: t`Use water that was boiled for 15 minutes and cooled, or filtered; standing open does not remove chloramine. Feed with it from now on.`,
  },
  'too-few-minerals': {
    title: t`Too few minerals`,
    next: t`Feed it unrefined sugar, or a few drops of molasses, for a cycle or two. A pinch of bicarbonate or a dried fig helps too. White sugar alone starves grains.`,
  },
  overcrowded: {
    title: t`Too many grains for their sugar`,
    next: t`Take out a third to a half: a second jar, a gift, dried or eaten. Keep about 40–90 g of grains a litre with 50–80 g of sugar.`,
  },
  'too-much-air': {
    title: t`Too much air, too long`,
    next: t`Feed it sooner and keep the surface small; the sour liquid is good in a kitchen. It is safe, but it makes sour soda.`,
  },
  kahm: {
    title: t`Kahm yeast: harmless`,
    next: t`Skim it, stir twice a day, and feed it sooner. If it smells off or grows fuzz, throw it out.`,
  },
  mould: {
    title: t`Mould`,
    next: t`Throw all of it out, without tasting. Wash the jar hot, and boil or sanitise it before it is used again.`,
  },
  'nothing-wrong': {
    title: t`Nothing seems wrong`,
    next: t`Go on as you do. A quiet hour after a feed is usual; look again tomorrow.`,
  },
};

const late = (hours: number) => duration(hours);

/** One fact of the ledger, as a reason. */
const factWords: { readonly [K in keyof JarFacts]: (value: JarFacts[K]) => string } = {
  ageDays: (days) => t`it is ${plural(Math.round(days), 'day')} old`,
  fedHoursAgo: (hours) => t`it was fed ${late(hours)} ago`,
  celsius: (celsius) => t`it stands at about ${celsius.toFixed(0)} °C`,
  warmest: (celsius) => t`its warmest lately was ${celsius.toFixed(0)} °C`,
  coldDays: (days) => t`${plural(days, 'day')} of the last fortnight were in the fridge`,
  leastLevel: (share) => t`it was down to ${Math.round(share * 100)} % of its mark`,
  sweetenerPercent: (percent) =>
    percent === null ? t`its sugar is not known` : t`its last water was ${percent.toFixed(1)} % sweetener`,
  minerals: (had) => (had ? t`its feeds brought minerals` : t`its feeds brought no minerals`),
  grainsPerSugar: (grams) =>
    grams === null
      ? t`its grains are not weighed`
      : t`it has ${grams.toFixed(1)} g of grains for each gram of sugar`,
  stirredHoursAgo: (hours) =>
    Number.isFinite(hours) ? t`it was stirred ${late(hours)} ago` : t`it was never stirred`,
};

/** What in the ledger speaks for a cause, strongest first; none when nothing does. */
export function becauseWords(evidence: readonly Evidence[], facts: JarFacts): string {
  const said = [...evidence]
    .filter(({ times }) => times >= 1.3)
    .sort((a, b) => b.times - a.times)
    .map(({ fact }) => (factWords[fact] as (value: unknown) => string)(facts[fact]));
  return [...new Set(said)].join(', and ');
}
