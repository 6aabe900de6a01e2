import type { DrinkFacts } from '@/core/trouble/drink-facts';
import type { Complaint, DrinkCauseId, RescueId } from '@/core/trouble/drink-trouble';
import { duration } from '../moment';

export const complaintWords: Readonly<Record<Complaint, string>> = {
  'no-start': 'It does not start',
  flat: 'Flat',
  'too-sweet': 'Too sweet',
  sour: 'Sour, like vinegar',
  gusher: 'It gushed',
  yeasty: 'Yeasty, bready',
  film: 'Thin white film',
  egg: 'Rotten egg',
  slime: 'Slimy, ropy',
  mould: 'Fuzz, colour, foul smell',
};

export const drinkCauseWords: Readonly<Record<DrinkCauseId, string>> = {
  'too-early': 'Not had its time yet',
  'too-cold': 'Standing too cold',
  'pitched-hot': 'Pitched too hot',
  'too-little-starter': 'Too little starter, or a tired one',
  preservative: 'A preservative holds it back',
  'leaky-seal': 'The seal leaks',
  'no-sugar-left': 'No sugar is left to make gas',
  'too-long-warm': 'Stood warm too long',
  'too-much-air': 'Air reaches it',
  pulp: 'Pulp in it throws the gas out at once',
  'too-full': 'Filled too high',
  'opened-warm': 'Opened warm',
  'bread-yeast': 'Its yeast tastes of bread',
  sediment: 'Sediment was poured along',
  'few-minerals': 'The yeast lacks minerals',
  'sugar-and-cold': 'Much sugar and a cold place',
  'never-pitched': 'Nothing living went in yet',
};

export const rescueWords: Readonly<Record<RescueId, string>> = {
  'warm-it': 'Stand it warmer, 22–26 °C, and look again in a day.',
  wait: 'Give it another day, and taste.',
  'prime-again': 'Prime it again: 6 g of sugar a litre, close it, keep it warm.',
  'pitch-again': 'Pitch it again with a lively starter, below 30 °C.',
  'test-seal': 'Fill one soft bottle from it: if that firms up, the other seal leaks.',
  blend: 'Blend it with one that errs the other way.',
  chill: 'Chill it now; three days cold let the gas settle.',
  strain: 'Strain it through cloth before the next bottle.',
  'more-headspace': 'Leave two fingers more under the rim next time.',
  skim: 'Skim it off; an off smell means discard.',
  stir: 'Stir it twice a day.',
  'rack-off': 'Pour it off its sediment, and leave the last finger.',
  'cook-with-it': 'Cook with it: dressing, pickle, a sour in place of lemon.',
  discard: 'Not better in two days, or it smells foul: discard it.',
};

/** What in the record speaks for a cause; nothing for a fact that tells nothing. */
export function drinkFactWords(fact: keyof DrinkFacts | null, facts: DrinkFacts): string | null {
  switch (fact) {
    case 'hours':
      return facts.hours === null ? 'nothing was pitched' : `${duration(facts.hours)} since it began`;
    case 'warmHours':
      return `${duration(facts.warmHours)} in the warm`;
    case 'celsius':
      return `it stands at ${facts.celsius.toFixed(0)} °C`;
    case 'pitchedCelsius':
      return facts.pitchedCelsius === null ? null : `pitched at ${facts.pitchedCelsius.toFixed(0)} °C`;
    case 'doseShare':
      return facts.doseShare === null ? null : `its dose was ${(facts.doseShare * 100).toFixed(1)} % of it`;
    case 'sugarLeft':
      return facts.sugarLeft === null ? null : `about ${facts.sugarLeft.toFixed(0)} g/L of sugar are left`;
    case 'emptyShare':
      return `${(facts.emptyShare * 100).toFixed(0)} % of it is air`;
    case 'preserved':
      return facts.preserved ? 'a label names one' : 'no label names one';
    case 'pulp':
      return facts.pulp ? 'fruit lies in it' : 'it is strained';
    case 'airy':
      return facts.airy ? 'its lid lets air in' : 'it is closed';
    case 'packet':
      return facts.packet ? 'it was pitched from a packet' : null;
    default:
      return null;
  }
}
