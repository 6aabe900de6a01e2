import type { BatchState } from '../brew/batch-state';
import type { Entry } from './entry';
import { beginBatch, bottleBatch, changeBottles, pitchBatch, readGravity, tasteBatch } from './fold-batch';
import { beginStarter, drawFromStarter, feedStarter, lookAtStarter, moveStarter } from './fold-starter';
import { emptyHousehold, type Household } from './household';
import { byHappening, standing } from './order';

/**
 * The household after one more entry. Entries about something unknown (its beginning was undone, or has not arrived) change
 * nothing: they stay in the journal and count again when the beginning is back.
 *
 * @param entry later in happening than all folded so far, and no undoing
 */
export function apply(household: Household, entry: Entry): Household {
  switch (entry.kind) {
    case 'undone':
      return household;
    case 'kitchen-warmed':
      return { ...household, warmth: [...household.warmth, { at: entry.at, celsius: entry.celsius }] };
    case 'starter-begun':
      return { ...household, starters: { ...household.starters, [entry.id]: beginStarter(entry) } };
    case 'fed':
    case 'looked':
    case 'starter-moved':
      return changeStarter(household, entry);
    case 'batch-begun':
      return { ...household, batches: { ...household.batches, [entry.id]: beginBatch(entry) } };
    case 'pitched':
      return pitch(household, entry);
    case 'gravity-read':
      return changeBatch(household, entry.batchId, (batch) => readGravity(batch, entry));
    case 'tasted':
      return changeBatch(household, entry.batchId, (batch) => tasteBatch(batch, entry));
    case 'bottled':
      return changeBatch(household, entry.batchId, (batch) => bottleBatch(batch, entry));
    default:
      return touchBottles(household, entry);
  }
}

function changeStarter(
  household: Household,
  entry: Extract<Entry, { starterId: string; kind: 'fed' | 'looked' | 'starter-moved' }>,
): Household {
  const starter = household.starters[entry.starterId];
  if (!starter) return household;
  const changed =
    entry.kind === 'fed'
      ? feedStarter(starter, entry)
      : entry.kind === 'looked'
        ? lookAtStarter(starter, entry)
        : moveStarter(starter, entry, household.warmth);
  return { ...household, starters: { ...household.starters, [starter.id]: changed } };
}

function changeBatch(household: Household, id: string, change: (batch: BatchState) => BatchState): Household {
  const batch = household.batches[id];
  return batch ? { ...household, batches: { ...household.batches, [id]: change(batch) } } : household;
}

function pitch(household: Household, entry: Extract<Entry, { kind: 'pitched' }>): Household {
  const batch = household.batches[entry.batchId];
  if (!batch || batch.pitchedAt !== null) return household;
  const starter = household.starters[batch.starterId];
  if (!starter) return changeBatch(household, batch.id, (each) => pitchBatch(each, entry, 1));
  const drawn = drawFromStarter(
    starter,
    entry,
    entry.doseMl,
    `Drew ${entry.doseMl} ml for ${batch.name}`,
    household.warmth,
  );
  const next = changeBatch(household, batch.id, (each) => pitchBatch(each, entry, drawn.liveliness));
  return { ...next, starters: { ...next.starters, [starter.id]: drawn.state } };
}

type BottleEntry = Extract<Entry, { kind: 'squeezed' | 'burped' | 'bottles-moved' | 'opened' }>;

function touchBottles(household: Household, entry: BottleEntry): Household {
  const ids = entry.kind === 'bottles-moved' ? entry.bottleIds : [entry.bottleId];
  const bottling = ids[0]!.split('-')[0];
  const batch = Object.values(household.batches).find((each) =>
    each.bottles[0]?.id.startsWith(`${bottling}-`),
  );
  return batch ? changeBatch(household, batch.id, (each) => touch(each, entry, ids)) : household;
}

function touch(batch: BatchState, entry: BottleEntry, ids: readonly string[]): BatchState {
  const { at } = entry;
  switch (entry.kind) {
    case 'squeezed':
      return changeBottles(batch, ids, entry, `Squeezed, ${entry.feel}`, (bottle) => ({
        ...bottle,
        squeezes: [...bottle.squeezes, { at, feel: entry.feel }],
      }));
    case 'burped':
      return changeBottles(batch, ids, entry, 'Burped', (bottle) => ({
        ...bottle,
        burps: [...bottle.burps, at],
      }));
    case 'bottles-moved':
      return changeBottles(
        batch,
        ids,
        entry,
        entry.place === 'fridge' ? 'Chilled' : 'Back on the counter',
        (bottle) => ({
          ...bottle,
          place: entry.place,
          moves: [...bottle.moves, { at, place: entry.place }],
        }),
      );
    case 'opened': {
      const { opening, sweet, sour, note } = entry;
      return changeBottles(batch, ids, entry, `Opened, ${opening}`, (bottle) => ({
        ...bottle,
        opened: { at, opening, sweet, sour, note },
      }));
    }
  }
}

/** The household a journal tells: everything that stands, folded in order of happening. */
export const project = (entries: readonly Entry[]): Household =>
  standing(entries).reduce(apply, emptyHousehold);

/** A projection that can be carried on: what was folded, and the last entry folded. */
export interface Projection {
  readonly household: Household;
  readonly last: Entry | null;
}

export const emptyProjection: Projection = { household: emptyHousehold, last: null };

/**
 * Carries a projection on by entries newly written. A late, backdated or undoing entry asks for a full replay.
 *
 * @param all the whole journal, with the added entries
 * @returns the same as `project(all)`, at the cost of the added entries alone when they come last
 */
export function carryOn(projection: Projection, added: readonly Entry[], all: readonly Entry[]): Projection {
  let { household, last } = projection;
  for (const entry of [...added].sort(byHappening)) {
    if (entry.kind === 'undone' || (last !== null && byHappening(last, entry) > 0)) {
      const order = standing(all);
      return { household: order.reduce(apply, emptyHousehold), last: order[order.length - 1] ?? null };
    }
    // An undoing that arrived before its target would strike it: rare enough to replay.
    if (all.some((other) => other.kind === 'undone' && other.targetId === entry.id)) {
      return { household: project(all), last: standing(all).at(-1) ?? null };
    }
    household = apply(household, entry);
    last = entry;
  }
  return { household, last };
}
