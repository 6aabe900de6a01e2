import { cultureOfIngredient, knownCultures, type CultureTable } from '../cultures/registry';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, isPoured, type Portion } from '../matter/portion';
import type { Life } from './brew-plan';
import { mendOf, type Mend } from '../starter/percentages';
import type { SugarAccount } from './sugar-account';

/** Something about the amounts that should be known before they are mixed. */
export type AccountWarning =
  | { readonly kind: 'percent'; readonly meant: number; readonly mend: Mend }
  | { readonly kind: 'preserved'; readonly what: string }
  | { readonly kind: 'nothing-alive'; readonly boiled: boolean }
  | { readonly kind: 'starves'; readonly teaGramsPerLitre: number }
  | {
      readonly kind: 'too-sweet';
      readonly takes: number;
      readonly total: number;
      readonly culture: string;
    };

export interface WarningAsk {
  readonly portions: readonly Portion[];
  readonly account: SugarAccount;
  readonly life: Life;
  /** Percent of sweetener by the water's weight that was meant, if it was said. */
  readonly meantPercent: number | null;
  /** What of the portions stays raw: put in cold, or once it is cool. Nothing is said of life while this is left out. */
  readonly raw?: readonly Portion[];
}

/** Tea that a mother needs, g of leaf a litre: practice, 4–8. */
const leastTea = 3;
/** From this share of juice a mother lives on juice. */
const mostlyJuice = 0.5;

/** The kind of life that a brew is pitched with. */
export function cultureIdOf(life: Life, portions: readonly Portion[]): string | null {
  if (life.kind === 'lot' || life.kind === 'packet') return life.lot.culture;
  if (life.kind === 'bare') return 'bare';
  return (
    portions.map(({ what }) => cultureOfIngredient(what)).find((culture) => culture !== null)?.id ?? null
  );
}

/**
 * What to be told before mixing: a percent that the spoons contradict, a preservative, nothing that lives, a tea mother without tea, more sugar than
 * the culture takes.
 *
 * @param cultures the table to look kinds up in
 */
export function accountWarnings(
  { portions, account, life, meantPercent, raw }: WarningAsk,
  cultures: CultureTable = knownCultures,
): AccountWarning[] {
  const out: AccountWarning[] = [];
  const mend = meantPercent === null ? null : mendOf(portions, meantPercent);
  if (mend && meantPercent !== null) out.push({ kind: 'percent', meant: meantPercent, mend });
  for (const { what, preserved } of portions) if (preserved) out.push({ kind: 'preserved', what });
  if (life.kind === 'bare' && raw && !raw.some(livesOn))
    out.push({ kind: 'nothing-alive', boiled: portions.some(livesOn) });
  const culture = cultures(cultureIdOf(life, portions));
  if (culture?.keeping && isTea(culture.keeping.begin.body)) {
    const tea = teaPerLitre(portions, account.batchMl);
    if (tea < leastTea && juiceShare(portions, account.batchMl) > mostlyJuice)
      out.push({ kind: 'starves', teaGramsPerLitre: tea });
  }
  if (culture && account.totalGramsPerLitre > culture.takesSugar)
    out.push({
      kind: 'too-sweet',
      takes: culture.takesSugar,
      total: account.totalGramsPerLitre,
      culture: culture.name,
    });
  return out;
}

/** Whether something raw brings yeast on its skin or petals: fruit, ginger, flowers, herbs. Dried, pressed and pulped things do not. */
const livesOn = ({ what, form }: Portion): boolean =>
  form !== 'dried' && ['fruit', 'ginger', 'flower', 'herb', 'vegetable'].includes(ingredientOf(what).family);

/** Leaves of the tea bush: what a mother lives on beside sugar. Rooibos and herbs are none. */
const isTea = (what: string) => ['black-tea', 'green-tea'].includes(what);

const teaPerLitre = (portions: readonly Portion[], batchMl: number): number =>
  (portions.reduce((sum, portion) => sum + (isTea(portion.what) ? gramsOfPortion(portion) : 0), 0) /
    batchMl) *
  1000;

const juiceShare = (portions: readonly Portion[], batchMl: number): number =>
  portions.reduce(
    (sum, portion) =>
      sum + (ingredientOf(portion.what).family === 'juice' && isPoured(portion.what) ? (portion.ml ?? 0) : 0),
    0,
  ) / batchMl;
