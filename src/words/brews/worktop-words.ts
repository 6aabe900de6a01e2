import type { AccountWarning } from '@/core/brew/account-warnings';
import type { Cost } from '@/core/brew/cost';
import type { ShortOfStarter } from '@/core/brew/leftovers';
import type { PotCheck } from '@/core/brew/pot';
import type { Yield } from '@/core/brew/yield';
import type { SugarAccount } from '@/core/brew/sugar-account';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { grams, litres, number, volume } from '../amounts';
import { moment, quarter } from '../moment';
import { t } from '@/core/language/t';

const lower = (what: string) => ingredientOf(what).name.toLowerCase();

/** What follows while something is held. */
export const holdWords = {
  litres: t`The litres are held: water follows.`,
  proportions: t`The proportions are held: everything follows.`,
  sugar: t`Sugar a litre is held: the main sweetener follows, and water.`,
  amounts: t`The amounts are held: water follows.`,
} as const;

/** What to know about the amounts before they are mixed. */
export function warningWords(warning: AccountWarning): string {
  switch (warning.kind) {
    case 'percent': {
      const { mend, meant } = warning;
      const more = mend.change > 0 ? t`${grams(mend.change)} more` : t`${grams(-mend.change)} less`;
      return t`You meant ${number(meant)} %, the spoons make ${number(mend.really)} % of the water: ${more} ${lower(mend.what)} would be it.`;
    }
    case 'preserved':
      return t`${ingredientOf(warning.what).name} names a preservative: sorbate, benzoate or sulphite slows a starter or stops it. Another bottle is surer; if it must be this one, pitch more and wait longer.`;
    case 'nothing-alive':
      return warning.boiled
        ? t`Boiling kills the yeast on skins and petals: nothing alive is in this. Put some of it in raw once it is cool, or choose a starter.`
        : t`Nothing in this brings life: no raw fruit, ginger or flower. Add some, or choose a starter.`;
    case 'starves':
      return t`A tea mother lives on tea: this is mostly juice with ${warning.teaGramsPerLitre < 0.1 ? t`no` : t`${number(warning.teaGramsPerLitre)} g a litre of`} leaf. It turns yeasty and the mother starves. Brew at least half of it as sweet tea, and add the juice when you bottle.`;
    case 'too-sweet':
      return t`${Math.round(warning.total)} g/L is more than ${warning.culture} takes (about ${warning.takes}): it starts late and stalls sweet. Less sugar, or a wine yeast.`;
  }
}

/** What the pot says, and the ways that work when it is too small. */
export function potWords(check: PotCheck, potMl: number): string | null {
  if (check.fits) return null;
  const ways = [
    check.holdBackMl === null
      ? null
      : t`boil it strong with ${litres(check.holdBackMl)} of the water held back, and pour that in cold`,
    check.rounds === null
      ? null
      : t`cook it in ${check.rounds.count} rounds of ${litres(check.rounds.waterMl)} water each`,
  ].filter((way) => way !== null);
  const split = ways.length === 0 ? t`Make less of it.` : t`What works: ${ways.join('; or ')}.`;
  return t`A ${litres(potMl)} pot boils over: take one of ${litres(check.needsMl)}. ${split}`;
}

/** What is on hand is not enough to start all of it. */
export function shortWords(short: ShortOfStarter, name: string, now: number): string {
  const { byGrams, gives, wants } = short;
  const amount = (value: number) =>
    byGrams ? t`${grams(Math.round(value))} of grains` : volume(Math.round(value));
  const at = short.restAt === null ? null : moment(quarter(short.restAt), now);
  const rest =
    at === null
      ? t`The other ${litres(short.leftMl)} need another starter`
      : byGrams
        ? t`By ${at} they may have grown to as many`
        : t`The other ${litres(short.leftMl)} can start ${at}, once it is topped up and fed`;
  const thinly = byGrams
    ? t`${number(short.thinly.share)} g a litre`
    : `${number(short.thinly.share * 100)} %`;
  const thin = short.thinly.usual
    ? t` Or pitch all of it with ${amount(gives)}: ${thinly}, thin but usual, a slower start.`
    : '';
  return t`${name} gives ${amount(gives)} now; ${amount(wants)} are wanted. That is enough for ${litres(short.enoughForMl)}. ${rest}.${thin}`;
}

/** What is lost on the way to the bottles. */
export function yieldWords({ evaporatedMl, soakedMl, clothMl, bottledMl }: Yield): string {
  const lost = [
    evaporatedMl >= 5 ? t`${litres(evaporatedMl)} boil away` : null,
    soakedMl >= 5 ? t`${litres(soakedMl)} stay in what is strained off` : null,
    clothMl >= 5 ? t`${litres(clothMl)} in cloth and pot` : null,
  ].filter((part) => part !== null);
  return lost.length === 0
    ? t`About ${litres(bottledMl)} to bottle.`
    : t`About ${litres(bottledMl)} to bottle: ${lost.join(', ')}.`;
}

/** What a litre costs, and what of it has no price yet. */
export function costWords({ perLitre, unpriced }: Cost, bought: number): string {
  if (bought === unpriced.length) return t`Tap an ingredient and give its price to see what a litre costs.`;
  const rest = unpriced.length > 0 ? t` (without ${unpriced.map(lower).join(', ')})` : '';
  return t`${perLitre.toFixed(2)} a litre${rest}`;
}

/** How sweet it is, and what would come of it if all of it fermented. */
export function accountWords({ sweetness, abvIfDry, fermentableShare }: SugarAccount): string {
  const share = fermentableShare < 0.985 ? t` ${Math.round(fermentableShare * 100)} % of it ferments.` : '';
  return t`As sweet as ${Math.round(sweetness)} g/L of white sugar. If all of it fermented: about ${abvIfDry.toFixed(1)} % alcohol.${share}`;
}

/** The starter's own statement about alcohol, where the amounts are chosen. */
export const alcoholPlain = t`Some alcohol is always in it. Not for those who avoid alcohol, for children, in pregnancy or before driving. Law on making and selling it is local. With weakened immunity, ask a clinician before live cultures.`;

/** How low acid a base may be, where its pH must be looked at. */
export const phCaution = t`Little acid in it: check that its pH falls below 4.6 within two days. Aim under 4.2 before long keeping. Lemon early is safer.`;
