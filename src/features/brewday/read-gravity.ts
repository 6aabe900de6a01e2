import { parseNumber } from '@/core/measures/parse-measure';

/** A gravity as it is typed from a hydrometer (1.042, 1042) or a refractometer (10.4); nothing, or something that is neither. */
export function readGravity(
  text: string,
): { readonly quantity: 'sg' | 'brix'; readonly value: number } | 'none' | 'wrong' {
  if (text.trim() === '') return 'none';
  const value = parseNumber(text.replace(/^1,(?=0\d\d$)/, '1.'));
  if (value >= 0.98 && value <= 1.2) return { quantity: 'sg', value };
  if (value >= 980 && value <= 1200) return { quantity: 'sg', value: value / 1000 };
  return value >= 1.2 && value <= 45 ? { quantity: 'brix', value } : 'wrong';
}
