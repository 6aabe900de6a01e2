import { knownCultures, type CultureTable } from '../../cultures/registry';
import { isDrained } from '../../lots/lineage';
import type { Lot } from '../../lots/lot';
import { drawnFrom, type LotFinder } from '../../lots/pitch';
import { hourMs } from '../../duration';

/** How far ahead the forecast looks, hours. */
const lookAheadHours = { warm: 24 * 8, cold: 24 * 28 } as const;

/** No forecast reaches further from its start: what was forgotten for a year is not worked out hour by hour. */
const longestHours = 24 * 400;

/** The brew whose jar a lot's liquid was first alive in. */
export function rootOf(lot: Lot, find: LotFinder, cultures: CultureTable = knownCultures): Lot {
  let at = lot;
  for (let i = 0; i < 100; i++) {
    const from = drawnFrom(at, find, cultures);
    if (!from) return at;
    at = from.source;
  }
  return at;
}

/** Lots drawn from a lot, and from those, in order of drawing. */
export function membersOf(root: Lot, find: LotFinder, cultures: CultureTable): Lot[] {
  const out: Lot[] = [];
  const queue = [root];
  for (let lot = queue.shift(); lot; lot = queue.shift()) {
    for (const event of lot.events) {
      const child = event.kind === 'went' && event.to ? find(event.to) : undefined;
      if (!child || out.includes(child) || drawnFrom(child, find, cultures)?.source.id !== lot.id) continue;
      out.push(child);
      queue.push(child);
    }
  }
  return out;
}

/** A brew that is meant to lie long is followed for as long as it is meant to, and two days more. */
const plannedHours = ({ role, recipe }: Lot): number =>
  role === 'brew' && recipe?.method ? (recipe.method.days[1] + 2) * 24 : 0;

/**
 * When a lot's forecast ends: a while ahead, or where the lot did.
 *
 * @param brewsDays days that a brew of its kind may lie
 */
export function endOf(lot: Lot, start: number, now: number, brewsDays = 0): number {
  const over = lot.opened?.at ?? lot.ended?.at ?? null;
  const longest = start + longestHours * hourMs;
  if (over !== null) return Math.min(over + hourMs, longest);
  const ahead = lot.place === 'fridge' ? lookAheadHours.cold : lookAheadHours.warm;
  const usual = start + (Math.ceil((now - start) / (12 * hourMs)) * 12 + ahead) * hourMs;
  const lies = Math.max(plannedHours(lot), brewsDays > 0 ? (brewsDays + 2) * 24 : 0);
  return Math.min(longest, Math.max(usual, start + lies * hourMs));
}

/** Until when a jar is followed, ms: until an hour after its last drop went, where everything left it. */
export function jarEnd(lot: Lot, start: number, now: number, brewsDays = 0): number {
  const last = lot.events.at(-1);
  const emptied = isDrained(lot) && last ? Math.max(last.at, start) + hourMs : Infinity;
  return Math.max(start + hourMs, Math.min(emptied, endOf(lot, start, now, brewsDays)));
}
