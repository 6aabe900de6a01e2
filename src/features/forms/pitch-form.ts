import { refusalWords } from '@/words/refusals';
import { pitchCheck } from '@/core/brew/pitch-check';
import { lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { degreesTyped } from '@/core/measures/parse-measure';
import { planDraw } from '@/core/starter/draw-plan';
import { drawnTyped } from './drawn-typed';
import { gramsTyped, isPacket } from './packet-dose';
import { faultAt, reads, type FormReading } from './read-form';
import { t } from '@/core/language/t';

export interface PitchValues {
  readonly from: string;
  readonly celsius: string;
  readonly dose: string;
}

/** A dose from a jar (ml) or a packet (grams). */
export interface Pitched {
  readonly from: string;
  readonly celsius: number;
  readonly ml?: number;
  readonly grams?: number;
}

type Planned = NonNullable<Lot['recipe']>['planned'];

/** Whether a dose is weighed: from a packet, and grains where grains were planned rather than their liquid. */
export const byGrams = (jar: Lot, planned: Planned): boolean =>
  isPacket(jar) || (planned?.lotId === jar.id && planned.grams !== undefined);

/** Whether grains themselves go in. */
export const isGrains = (jar: Lot | undefined, planned: Planned): boolean =>
  jar !== undefined && !isPacket(jar) && byGrams(jar, planned);

/** Reads the pitch sheet: too warm a base and more than the jar can give are refused at their field. */
export function readPitch(
  values: PitchValues,
  household: Household,
  planned?: Planned,
): FormReading<Pitched> {
  const celsius = degreesTyped(values.celsius);
  if (!Number.isFinite(celsius))
    return faultAt('celsius', t`Say how warm it is: tap what it feels like, or write °C.`);
  const jar = lotOf(household, values.from);
  const check = pitchCheck(celsius, isGrains(jar, planned));
  if (!check.ok) return faultAt('celsius', refusalWords(check));
  if (!jar) return faultAt('from', t`Choose what to pitch with.`);
  if (byGrams(jar, planned)) {
    const grams = gramsTyped(values.dose, jar);
    return grams.ok
      ? reads({ from: jar.id, celsius, grams: grams.value })
      : faultAt('dose', refusalWords(grams));
  }
  const ml = drawnTyped(values.dose, jar);
  if (!ml.ok) return faultAt('dose', refusalWords(ml));
  const plan = planDraw(jar, ml.value);
  return plan.ok ? reads({ from: jar.id, celsius, ml: ml.value }) : faultAt('dose', refusalWords(plan));
}

/** The dry thing that a packet holds. */
export const solidOf = (lot: Lot | undefined): { readonly solid?: string } => {
  const solid = Object.keys(lot?.contents.solids ?? {})[0];
  return solid === undefined ? {} : { solid };
};
