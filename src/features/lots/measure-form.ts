import type { MeasuredQuantity } from '@/core/lots/lot';
import { parseNumber } from '@/core/measures/parse-measure';
import { refusal, success, type Result } from '@/core/result';
import { measurable } from '@/core/journal/entries/measured/schema';
import { readingTyped } from '@/core/measures/unit-system';
import { quantityWords } from '@/words/names';

/** Reads a measured value. Hydrometers are read as 1.034 or as 1034. */
export function readMeasured(quantity: MeasuredQuantity, text: string): Result<number> {
  const typed = quantity === 'sg' ? text.trim().replace(',', '.') : text;
  const plain =
    quantity === 'sg'
      ? Number(/^\d+(\.\d+)?$/.test(typed) ? typed : NaN)
      : readingTyped(parseNumber(text), quantityWords[quantity].unit);
  if (!Number.isFinite(plain)) return refusal('measured.unreadable', { quantity });
  const value = quantity === 'sg' && plain > 900 && plain < 1300 ? plain / 1000 : plain;
  const [low, high] = measurable[quantity];
  return value < low || value > high ? refusal('measured.range', { quantity, low, high }) : success(value);
}
