import type { Culture } from '../cultures/culture';
import {
  cultureOfIngredient,
  knownCultures,
  lastBatchId,
  sedimentId,
  type CultureTable,
} from '../cultures/registry';
import { liquidMl, solidGrams } from '../matter/contents';
import { gramsOfPortion } from '../matter/portion';
import { volumeOf } from '../matter/substances';
import { movedBy, type Lot, type LotEvent } from './lot';

export type LotFinder = (id: string) => Lot | undefined;

/** When and by what a base came alive. */
export interface Pitch {
  readonly at: number;
  readonly entryId: string;
  readonly culture: Culture;
  /** ml, or g for what is measured by mass. */
  readonly amount: number;
  /** The starter or batch it was drawn from; null for a packet, and for what the base brought itself. */
  readonly fromLotId: string | null;
  readonly celsius: number | null;
}

/** Whether something lives in a lot's liquid at an instant. */
export function livesAt(
  lot: Lot,
  at: number,
  find: LotFinder,
  table: CultureTable = knownCultures,
  depth = 0,
): boolean {
  if (lot.role === 'starter') return true;
  const pitch = depth > 40 ? null : pitchOf(lot, find, table, depth);
  return pitch !== null && pitch.at <= at;
}

/**
 * What a brew was first pitched with.
 *
 * @param find looks lots up
 * @returns null while nothing lives in it; what lives on the base itself counts from its beginning unless a starter is planned
 */
export function pitchOf(
  lot: Lot,
  find: LotFinder,
  table: CultureTable = knownCultures,
  depth = 0,
): Pitch | null {
  for (const event of lot.events) {
    const pitch = pitchBy(event, find, table, depth);
    if (pitch) return pitch;
  }
  const own = lot.culture && !lot.recipe?.planned ? table(lot.culture) : null;
  return own?.bare
    ? { at: lot.begunAt, entryId: lot.id, culture: own, amount: 0, fromLotId: null, celsius: null }
    : null;
}

function pitchBy(event: LotEvent, find: LotFinder, table: CultureTable, depth: number): Pitch | null {
  const { at, entryId } = event;
  if (event.kind === 'added') {
    for (const portion of event.portions) {
      const culture = cultureOfIngredient(portion.what);
      if (!culture) continue;
      const grams = gramsOfPortion(portion);
      return {
        at,
        entryId,
        culture,
        amount: culture.unit === 'g' ? grams : grams / 1.02,
        fromLotId: null,
        celsius: event.celsius ?? null,
      };
    }
  }
  if (event.kind !== 'came') return null;
  const source = find(event.from);
  if (source && !livesAt(source, at, find, table, depth + 1)) return null;
  const culture = doseCulture(source, event, table);
  const amount =
    culture.unit === 'g'
      ? solidGrams(event.contents)
      : liquidMl(event.contents) + 0.5 * solidGrams(event.contents);
  return { at, entryId, culture, amount, fromLotId: event.from, celsius: event.celsius ?? null };
}

/** The kind a dose counts as: a starter's own; from a brew or bottle a cup of the batch, or its sediment. */
function doseCulture(
  source: Lot | undefined,
  event: Extract<LotEvent, { kind: 'came' }>,
  table: CultureTable,
): Culture {
  const went = source?.events.find(
    (each) => each.kind === 'went' && each.entryId === event.entryId && each.index === event.index,
  );
  if (went?.kind === 'went' && went.taken === 'sediment') return table(sedimentId)!;
  const kind = source?.role === 'starter' ? table(source.culture) : null;
  if (kind)
    return kind.liquidKind && solidGrams(event.contents) < 1 ? (table(kind.liquidKind) ?? kind) : kind;
  return source ? table(lastBatchId)! : (table(null) ?? table(lastBatchId)!);
}

/**
 * The lot that this one's liquid simply is: bottled from it, strained from it, moved to another jar. Null for a brew of its
 * own: dosed from a starter, run a second time on old fruit, begun with a cup of another.
 */
export function drawnFrom(
  lot: Lot,
  find: LotFinder,
  table: CultureTable = knownCultures,
): { readonly source: Lot; readonly at: number; readonly entryId: string } | null {
  const first = lot.events[0];
  if (first?.kind !== 'came' || lot.role === 'starter') return null;
  const source = find(first.from);
  if (!source || source.role === 'starter' || !livesAt(source, first.at, find, table)) return null;
  const own = lot.events.filter((event) => event.kind === 'added' && event.entryId === first.entryId);
  const added = own.reduce(
    (sum, event) => sum + (event.kind === 'added' ? volumeOf(movedBy(event).liquid) : 0),
    0,
  );
  return liquidMl(first.contents) > added ? { source, at: first.at, entryId: first.entryId } : null;
}
