import { locale } from '@/core/language/t';
import { readingShown, unitShown } from '@/core/measures/unit-system';

const digits = { ml: 0, L: 2, g: 1, 'fl oz': 1, qt: 2, oz: 2 } as const;
const places = (unit: string): number => Object.entries(digits).find(([each]) => each === unit)?.[1] ?? 1;

/**
 * An amount to stand large, its unit apart and in the maker's own units.
 * @param value in `metric` @example amountFigure(403.6, 'ml') // { value: '404', unit: 'ml' }
 */
export function amountFigure(value: number, metric: 'ml' | 'L' | 'g'): { value: string; unit: string } {
  const unit = unitShown(metric);
  const shown = readingShown(value, metric);
  return { value: shown.toLocaleString(locale(), { maximumFractionDigits: places(unit) }), unit };
}
