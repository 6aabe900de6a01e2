import { isPoured } from '@/core/matter/portion';
import type { BottlingWay } from '@/core/recipes/recipe';
import { headspaceCm } from '@/core/vessels/bottle-shape';
import type { Beside } from './beside';

const tenth = (value: number) => Math.round(value * 10) / 10;

/** How a bottle was filled: its dose for a litre, its headspace in centimetres, its days in the warm. */
export function bottlingOf({ compared, kind }: Beside): BottlingWay {
  const [portion] = compared.dose;
  const litres = Math.max(0.01, (compared.bottleMl - compared.headspaceMl) / 1000);
  const unit = portion && portion.ml !== undefined && isPoured(portion.what) ? 'ml' : 'grams';
  return {
    dose: portion
      ? { what: portion.what, perLitre: tenth((portion.ml ?? portion.grams ?? 0) / litres), unit }
      : null,
    headspaceCm: tenth(headspaceCm(kind, compared.bottleMl, compared.headspaceMl)),
    warmDays: tenth(compared.warmHours / 24),
  };
}
