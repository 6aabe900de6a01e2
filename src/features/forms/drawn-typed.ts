import type { Lot } from '@/core/lots/lot';
import { liquidMl } from '@/core/matter/contents';
import { gramsIn } from '@/core/matter/substances';
import { parseMeasure } from '@/core/measures/parse-measure';
import { refusal, success, type Result } from '@/core/result';

/**
 * An amount of a jar's liquid as it was typed, ml: by volume, or weighed by how dense that liquid is.
 *
 * @returns refusals of `parseMeasure`; `draw.nothing` for 0
 */
export function drawnTyped(text: string, lot: Lot | undefined): Result<number> {
  const measure = parseMeasure(text, 'ml');
  if (!measure.ok) return measure;
  const { grams, millilitres = 0 } = measure.value;
  const { contents } = lot ?? {};
  const ml = contents ? liquidMl(contents) : 0;
  const density = contents && ml > 0 ? gramsIn(contents.liquid) / ml : 1;
  const drawn = grams === undefined ? millilitres : grams / density;
  return drawn > 0 ? success(Math.round(drawn * 10) / 10) : refusal('draw.nothing', 'Write how much.');
}
