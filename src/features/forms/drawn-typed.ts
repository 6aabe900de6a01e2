import type { Lot } from '@/core/lots/lot';
import { liquidMl } from '@/core/matter/contents';
import { gramsIn } from '@/core/matter/substances';
import { parseMeasure } from '@/core/measures/parse-measure';
import { refusal, success, type Result } from '@/core/result';
import { ownUnit } from '@/core/measures/unit-system';

/** What a kept jar's liquid weighs, g/ml: between sweet water after a feed and sour water before the next. Practice. */
const starterDensity = 1.03;

function densityOf(lot: Lot | undefined): number {
  if (lot?.role === 'starter') return starterDensity;
  const ml = lot ? liquidMl(lot.contents) : 0;
  return lot && ml > 0 ? gramsIn(lot.contents.liquid) / ml : 1;
}

/**
 * An amount of a jar's liquid as it was typed, ml: by volume, or weighed by how dense that liquid is.
 *
 * @returns refusals of `parseMeasure`; `draw.nothing` for 0
 */
export function drawnTyped(text: string, lot: Lot | undefined): Result<number> {
  const measure = parseMeasure(text, ownUnit('ml'));
  if (!measure.ok) return measure;
  const { grams, millilitres = 0 } = measure.value;
  const drawn = grams === undefined ? millilitres : grams / densityOf(lot);
  return drawn > 0 ? success(Math.round(drawn * 10) / 10) : refusal('take.nothing');
}
