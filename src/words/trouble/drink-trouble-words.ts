import type { DrinkFacts } from '@/core/trouble/drink-facts';
import type { Complaint, DrinkCauseId, RescueId } from '@/core/trouble/drink-trouble';
import { duration } from '../moment';
import { t } from '@/core/language/t';

export const complaintWords: Readonly<Record<Complaint, string>> = {
  'no-start': t`It does not start`,
  flat: t`Flat`,
  'too-sweet': t`Too sweet`,
  sour: t`Sour, like vinegar`,
  gusher: t`It gushed`,
  yeasty: t`Yeasty, bready`,
  film: t`Thin white film`,
  egg: t`Rotten egg`,
  slime: t`Slimy, ropy`,
  mould: t`Fuzz, colour, foul smell`,
};

export const drinkCauseWords: Readonly<Record<DrinkCauseId, string>> = {
  'too-early': t`Not had its time yet`,
  'too-cold': t`Standing too cold`,
  'pitched-hot': t`Pitched too hot`,
  'too-little-starter': t`Too little starter, or a tired one`,
  preservative: t`A preservative holds it back`,
  'leaky-seal': t`The seal leaks`,
  'no-sugar-left': t`No sugar is left to make gas`,
  'too-long-warm': t`Stood warm too long`,
  'too-much-air': t`Air reaches it`,
  pulp: t`Pulp in it throws the gas out at once`,
  'too-full': t`Filled too high`,
  'opened-warm': t`Opened warm`,
  'bread-yeast': t`Its yeast tastes of bread`,
  sediment: t`Sediment was poured along`,
  'few-minerals': t`The yeast lacks minerals`,
  'sugar-and-cold': t`Much sugar and a cold place`,
  'never-pitched': t`Nothing living went in yet`,
};

export const rescueWords: Readonly<Record<RescueId, string>> = {
  'warm-it': t`Stand it warmer, 22–26 °C, and look again in a day.`,
  wait: t`Give it another day, and taste.`,
  'prime-again': t`Prime it again: 6 g/L of sugar, close it, keep it warm.`,
  'pitch-again': t`Pitch it again with a lively starter, below 30 °C.`,
  'test-seal': t`Fill one soft bottle from it: if that firms up, the other seal leaks.`,
  blend: t`Blend it with one that errs the other way.`,
  chill: t`Chill it now; three days cold let the gas settle.`,
  strain: t`Strain it through cloth before the next bottle.`,
  'more-headspace': t`Leave two fingers more under the rim next time.`,
  skim: t`Skim it off; an off smell means discard.`,
  stir: t`Stir it twice a day.`,
  'rack-off': t`Pour it off its sediment, and leave the last finger.`,
  'cook-with-it': t`Cook with it: dressing, pickle, a sour in place of lemon.`,
  discard: t`Not better in two days, or it smells foul: discard it.`,
};

/** What in the record speaks for a cause; nothing for a fact that tells nothing. */
export function drinkFactWords(fact: keyof DrinkFacts | null, facts: DrinkFacts): string | null {
  switch (fact) {
    case 'hours':
      return facts.hours === null ? t`nothing was pitched` : t`${duration(facts.hours)} since it began`;
    case 'warmHours':
      return t`${duration(facts.warmHours)} in the warm`;
    case 'celsius':
      return t`it stands at ${facts.celsius.toFixed(0)} °C`;
    case 'pitchedCelsius':
      return facts.pitchedCelsius === null ? null : t`pitched at ${facts.pitchedCelsius.toFixed(0)} °C`;
    case 'doseShare':
      return facts.doseShare === null ? null : t`its dose was ${(facts.doseShare * 100).toFixed(1)} % of it`;
    case 'sugarLeft':
      return facts.sugarLeft === null ? null : t`about ${facts.sugarLeft.toFixed(0)} g/L of sugar are left`;
    case 'emptyShare':
      return t`${(facts.emptyShare * 100).toFixed(0)} % of it is air`;
    case 'preserved':
      return facts.preserved ? t`a label names one` : t`no label names one`;
    case 'pulp':
      return facts.pulp ? t`fruit lies in it` : t`it is strained`;
    case 'airy':
      return facts.airy ? t`its lid lets air in` : t`it is closed`;
    case 'packet':
      return facts.packet ? t`it was pitched from a packet` : null;
    default:
      return null;
  }
}
