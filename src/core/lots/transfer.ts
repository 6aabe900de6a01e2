import {
  ladle,
  levelMl,
  liftOut,
  liquidMl,
  pourOff,
  solidGrams,
  together,
  without,
  type Contents,
} from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import type { Portion } from '../matter/portion';
import { addPortions } from './add';
import { emptyLot, withinRim } from './begin';
import type { Ending, Lot, LotEvent, Taken } from './lot';
import type { LotWriter, LotStore } from './lot-store';
import { type NewLot } from './records/new-lot';

/** One place a transfer goes to: a lot that is there, a new one, or away. */
export interface TransferTarget {
  readonly lotId?: string | undefined;
  readonly begin?: NewLot | undefined;
  readonly ml?: number | undefined;
  readonly grams?: number | undefined;
  readonly portions?: readonly Portion[] | undefined;
  /** What becomes of a part that goes to no lot: given, dried, eaten. */
  readonly gone?: Ending | undefined;
}

export interface Transfer {
  readonly id: string;
  readonly at: number;
  readonly from: string;
  readonly taken: Taken;
  /** Which solid, when solids are taken. */
  readonly solid?: string | undefined;
  readonly celsius?: number | undefined;
  readonly targets: readonly TransferTarget[];
}

/** Id of a lot begun by target number `index` of a transfer. @example targetLotId('a', 0) // 'a-1' */
export const targetLotId = (entryId: string, index: number): string => `${entryId}-${index + 1}`;

/** Liquid that solids keep when strained, ml. */
export const soakedMl = (contents: Contents): number =>
  Object.keys(contents.solids).reduce(
    (sum, id) => sum + solidGrams(contents, id) * ingredientOf(id).soaks,
    0,
  );

/** Liquid that comes off by straining, ml. */
export const drainableMl = (contents: Contents): number =>
  Math.max(0, liquidMl(contents) - soakedMl(contents));

/** What is taken of a lot for one target. */
export function portionOf(
  contents: Contents,
  taken: Taken,
  target: TransferTarget,
  solid?: string,
): Contents {
  switch (taken) {
    case 'liquid':
    case 'sediment':
      return pourOff(contents, target.ml ?? drainableMl(contents));
    case 'everything':
      return ladle(contents, target.ml ?? levelMl(contents));
    case 'solids': {
      // Solids of several kinds let go of what each of them holds.
      const cling = solid
        ? ingredientOf(solid).soaks
        : soakedMl(contents) / Math.max(1e-9, solidGrams(contents));
      return liftOut(contents, target.grams ?? Infinity, cling, solid);
    }
  }
}

/**
 * Carries a transfer out: each part leaves the source and arrives, so that nothing is made or lost but over a rim. A source
 * that is not open lends the parts it gave when it was told; a target that is not open keeps what it has.
 */
export function carryOver(store: LotStore, transfer: Transfer): void {
  transfer.targets.forEach((target, index) => {
    const part = leave(store, transfer, target, index);
    if (part) arrive(store, transfer, target, index, part);
  });
}

function leave(store: LotStore, transfer: Transfer, target: TransferTarget, index: number): Contents | null {
  const source = store.lot(transfer.from);
  if (!source) return null;
  if (!store.isOpen(transfer.from)) {
    const lent = source.events.find(
      (event) => event.kind === 'went' && event.entryId === transfer.id && event.index === index,
    );
    return lent?.kind === 'went' ? lent.contents : null;
  }
  const part = portionOf(source.contents, transfer.taken, target, transfer.solid);
  const to = target.begin ? targetLotId(transfer.id, index) : (target.lotId ?? null);
  store.put(
    store.writer.change(source, {
      contents: without(source.contents, part),
      events: store.writer.grow<LotEvent>(source.events, {
        at: transfer.at,
        entryId: transfer.id,
        kind: 'went',
        to,
        ...(target.gone && to === null ? { gone: target.gone } : {}),
        contents: part,
        taken: transfer.taken,
        index,
      }),
    }),
  );
  return part;
}

function arrive(
  store: LotStore,
  transfer: Transfer,
  target: TransferTarget,
  index: number,
  part: Contents,
): void {
  const id = target.begin ? targetLotId(transfer.id, index) : target.lotId;
  if (id === undefined || !store.isOpen(id)) return;
  const there = target.begin ? emptyLot(id, transfer.at, target.begin) : store.lot(id);
  if (!there) return;
  const culture = there.culture ?? store.lot(transfer.from)?.culture ?? null;
  const portions = target.portions ?? [];
  const moment = { at: transfer.at, entryId: transfer.id };
  const filled = take(store.writer.change(there, { culture }), transfer, index, part, store.writer);
  store.put(portions.length > 0 ? addPortions(filled, portions, moment, {}, store.writer) : filled);
}

function take(lot: Lot, transfer: Transfer, index: number, part: Contents, pen: LotWriter): Lot {
  const { held, spilledMl } = withinRim(together(lot.contents, part), lot.vessel.ml);
  return pen.change(lot, {
    contents: held,
    markMl: lot.events.length === 0 ? Math.round(levelMl(held)) : lot.markMl,
    lostMl: lot.lostMl + spilledMl,
    events: pen.grow<LotEvent>(lot.events, {
      at: transfer.at,
      entryId: transfer.id,
      kind: 'came',
      from: transfer.from,
      contents: part,
      celsius: transfer.celsius,
      index,
    }),
  });
}
