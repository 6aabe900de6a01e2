import type { Lot } from '@/core/lots/lot';
import { solidGrams } from '@/core/matter/contents';
import { parseMeasure } from '@/core/measures/parse-measure';
import { refusal, success, type Result } from '@/core/result';
import { ownUnit } from '@/core/measures/unit-system';

/** Whether a lot is a packet: dosed by weight, not drawn. */
export const isPacket = ({ vessel }: Pick<Lot, 'vessel'>): boolean => vessel.kind === 'packet';

/** Grams of a packet as they were typed; refused beyond what is in it. */
export function gramsTyped(text: string, lot: Lot): Result<number> {
  const measure = parseMeasure(text, ownUnit('g'));
  if (!measure.ok) return measure;
  const { grams } = measure.value;
  if (grams === undefined) return refusal('packet.unit');
  if (!(grams > 0)) return refusal('take.nothing');
  const there = solidGrams(lot.contents);
  return grams > there + 0.05 ? refusal('packet.too-much', { lot: lot.name, there }) : success(grams);
}
