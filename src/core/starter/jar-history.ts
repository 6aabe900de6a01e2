import { knownCultures, type CultureTable } from '../cultures/registry';
import { liquidChange } from '../forecast/question/lot-stages';
import { grainsIn } from '../lots/grains';
import { movedBy, type Lot, type LotEvent } from '../lots/lot';
import { levelMl, type Contents } from '../matter/contents';
import { portionsContents } from '../matter/portion';
import { keptCulture } from './feed-plan';

/** A value from an instant on. */
export interface Step {
  readonly at: number;
  readonly value: number;
}

/** What was done to a jar, in a word. */
export type Deed = 'begun' | 'fed' | 'drawn' | 'looked' | 'moved';

/** A jar's past as its ledger tells it. Instants are ms. */
export interface JarHistory {
  /** Level in the jar, ml, from each event on. */
  readonly levels: readonly Step[];
  /** Grams of grains, from each event that changed them on; empty for kinds without. */
  readonly grains: readonly Step[];
  readonly deeds: readonly { readonly at: number; readonly deed: Deed; readonly entryId: string }[];
}

const deedOf = ({ kind }: LotEvent, first: boolean): Deed | null => {
  if (first) return 'begun';
  switch (kind) {
    case 'added':
    case 'came':
      return 'fed';
    case 'went':
      return 'drawn';
    case 'read':
      return 'looked';
    case 'moved':
      return 'moved';
    default:
      return null;
  }
};

const within = (event: LotEvent): Contents | null =>
  event.kind === 'added'
    ? portionsContents(event.portions)
    : event.kind === 'came' || event.kind === 'went'
      ? event.contents
      : null;

/** How far an event raised the level, ml. */
function rise(event: LotEvent): number {
  if (event.kind === 'added') return levelMl(portionsContents(event.portions)) - event.lostMl;
  if (event.kind === 'came' || event.kind === 'went')
    return (event.kind === 'came' ? 1 : -1) * levelMl(movedBy(event));
  return liquidChange(event);
}

/** The past of a jar: its level and its grains after each event, and what was done. */
export function jarHistory(lot: Lot, cultures: CultureTable = knownCultures): JarHistory {
  const culture = keptCulture(lot, cultures);
  const grainy = culture?.unit === 'g' && culture.keeping.renews;
  const levels: Step[] = [];
  const grains: Step[] = [];
  const deeds: JarHistory['deeds'][number][] = [];
  let level = 0;
  let grams = 0;
  lot.events.forEach((event, i) => {
    const { at, entryId } = event;
    const change = rise(event);
    level = Math.max(0, Math.min(lot.vessel.ml, level + change));
    if (change !== 0 || i === 0) levels.push({ at, value: level });
    if (grainy) {
      const held = within(event);
      const weighed =
        event.kind === 'read' ? event.readings.find(({ kind }) => kind === 'grams')?.value : undefined;
      const before = grams;
      if (held) grams += (event.kind === 'went' ? -1 : 1) * grainsIn(held, culture);
      if (typeof weighed === 'number') grams = weighed;
      if (grams !== before || i === 0) grains.push({ at, value: Math.max(0, grams) });
    }
    const deed = deedOf(event, i === 0);
    if (deed) deeds.push({ at, deed, entryId });
  });
  return { levels, grains, deeds };
}

/** What became of grains that were taken off, g: to other jars, and by what was said of the rest. */
export function surplusOf(
  lot: Lot,
  cultures: CultureTable = knownCultures,
): Readonly<Record<string, number>> {
  const culture = keptCulture(lot, cultures);
  const out: Record<string, number> = {};
  if (!culture) return out;
  for (const event of lot.events) {
    if (event.kind !== 'went') continue;
    const grams = grainsIn(event.contents, culture);
    if (grams < 0.5) continue;
    const where = event.to !== null ? 'jar' : (event.gone ?? 'discarded');
    out[where] = (out[where] ?? 0) + grams;
  }
  return out;
}
