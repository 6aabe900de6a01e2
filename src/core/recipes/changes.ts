import type { Method } from '../lots/records/method';
import type { BottlingWay, Recipe, RecipeLine } from './recipe';

/** One thing that differs between two versions of a recipe. */
export type Change =
  | { readonly kind: 'amount'; readonly what: string; readonly from: number; readonly to: number }
  | { readonly kind: 'added' | 'gone'; readonly what: string; readonly perLitre: number }
  | { readonly kind: 'dose'; readonly from: number; readonly to: number; readonly culture: string }
  | { readonly kind: 'culture'; readonly from: string; readonly to: string }
  | { readonly kind: 'fizz'; readonly from: number; readonly to: number }
  | {
      readonly kind: 'bottling';
      readonly key: keyof BottlingWay;
      readonly from: string;
      readonly to: string;
    }
  | { readonly kind: 'method'; readonly key: keyof Method; readonly from: string; readonly to: string };

const told = (value: Method[keyof Method]): string =>
  value === null ? 'none' : typeof value === 'object' ? JSON.stringify(value) : String(value);

const lineKey = ({ what, when }: RecipeLine) => `${what} ${when}`;

/**
 * What changed from one version of a recipe to the next. Amounts that differ by less than half a percent count as the same.
 */
export function changesBetween(before: Recipe, after: Recipe): Change[] {
  const out: Change[] = [];
  const was = new Map(before.lines.map((line) => [lineKey(line), line]));
  const is = new Map(after.lines.map((line) => [lineKey(line), line]));
  for (const [key, line] of was) {
    const now = is.get(key);
    if (!now) out.push({ kind: 'gone', what: line.what, perLitre: line.perLitre });
    else if (Math.abs(now.perLitre - line.perLitre) > 0.005 * line.perLitre + 1e-9)
      out.push({ kind: 'amount', what: line.what, from: line.perLitre, to: now.perLitre });
  }
  for (const [key, line] of is)
    if (!was.has(key)) out.push({ kind: 'added', what: line.what, perLitre: line.perLitre });
  if (before.culture !== after.culture)
    out.push({ kind: 'culture', from: before.culture, to: after.culture });
  else if (Math.abs(before.dosePerLitre - after.dosePerLitre) > 0.005 * before.dosePerLitre)
    out.push({ kind: 'dose', from: before.dosePerLitre, to: after.dosePerLitre, culture: after.culture });
  if (before.wantedVolumes !== after.wantedVolumes)
    out.push({ kind: 'fizz', from: before.wantedVolumes, to: after.wantedVolumes });
  for (const key of Object.keys(after.method) as (keyof Method)[]) {
    const [from, to] = [told(before.method[key]), told(after.method[key])];
    if (from !== to) out.push({ kind: 'method', key, from, to });
  }
  if (after.bottling)
    for (const key of ['dose', 'headspaceCm', 'warmDays'] as const) {
      const [from, to] = [inShort(before.bottling?.[key]), inShort(after.bottling[key])];
      if (from !== to) out.push({ kind: 'bottling', key, from, to });
    }
  return out;
}

/** A part of how bottles are filled, in short; nothing for what nobody said. */
function inShort(value: BottlingWay[keyof BottlingWay] | undefined): string {
  if (value === null || value === undefined) return '';
  return typeof value === 'object'
    ? `${value.perLitre} ${value.unit === 'grams' ? 'g' : 'ml'} ${value.what}`
    : String(value);
}
