import type { BatchState, BottleState } from '../brew/batch-state';
import type { Household } from '../journal/household';
import { warmthAt } from '../journal/household';
import { starterCelsius } from '../journal/fold-starter';
import { usualFeed, type TopUp } from '../starter/draw-plan';
import { nextFeedAt } from '../starter/draw-window';
import type { StarterState } from '../starter/starter-state';

const hourMs = 3_600_000;

/** A span of time on the clock: good from–until, ms since 1970, with soft edges in hours. */
export interface Span {
  readonly from: number;
  readonly until: number;
  readonly fromSoftHours: number;
  readonly untilSoftHours: number;
}

/** One thing that needs hands. */
export type Action = Span &
  (
    | {
        readonly kind: 'chill';
        readonly batch: BatchState;
        readonly bottles: readonly BottleState[];
        readonly because: string;
      }
    | { readonly kind: 'feed'; readonly starter: StarterState; readonly feed: TopUp }
    | { readonly kind: 'pitch'; readonly batch: BatchState }
    | { readonly kind: 'bottle'; readonly batch: BatchState; readonly because: string }
    | { readonly kind: 'open'; readonly batch: BatchState; readonly bottles: readonly BottleState[] }
  );

/** What forecasts say of bottles on the counter and of first ferments, as instants. */
export interface ForecastSpans {
  readonly chill: (group: readonly BottleState[]) => (Span & { readonly because: string }) | null;
  readonly bottle: (batch: BatchState) => (Span & { readonly because: string }) | null;
}

/**
 * What is next: bottles under pressure first, then everything by closing time.
 *
 * @param groups bottles of a batch that share a history
 * @param now ms since 1970
 * @returns actions open within two days, in order; nothing for what is unknown
 */
export function agenda(
  household: Household,
  groups: (batch: BatchState) => BottleState[][],
  spans: ForecastSpans,
  now: number,
): Action[] {
  // prettier-ignore
  const actions: Action[] = [];
  for (const starter of Object.values(household.starters)) {
    const due = nextFeedAt(starter, starterCelsius(starter, household.warmth, now));
    const slack = starter.place === 'fridge' ? 72 : 10;
    actions.push({
      kind: 'feed',
      starter,
      feed: usualFeed(starter),
      ...span(due - 6 * hourMs, due + slack * hourMs, 3, 6),
    });
  }
  for (const batch of Object.values(household.batches))
    actions.push(...batchActions(batch, groups(batch), spans));
  return actions.filter((action) => action.from < now + 48 * hourMs).sort(order);
}

const order = (a: Action, b: Action) =>
  Number(b.kind === 'chill') - Number(a.kind === 'chill') || a.until - b.until;

const span = (from: number, until: number, fromSoftHours: number, untilSoftHours: number): Span => ({
  from, until, fromSoftHours, untilSoftHours,
}); // prettier-ignore

function batchActions(batch: BatchState, groups: BottleState[][], spans: ForecastSpans): Action[] {
  if (batch.stage === 'mixed')
    return [{ kind: 'pitch', batch, ...span(batch.begunAt, batch.begunAt + 24 * hourMs, 0.5, 8) }];
  if (batch.stage === 'first-ferment') {
    const found = spans.bottle(batch);
    return found ? [{ kind: 'bottle', batch, ...found }] : [];
  }
  return groups.flatMap((bottles): Action[] => {
    const [first] = bottles;
    if (!first || first.opened) return [];
    if (first.place === 'fridge') {
      const chilled = first.moves.at(-1)?.at ?? first.sealedAt;
      return [
        { kind: 'open', batch, bottles, ...span(chilled + 48 * hourMs, chilled + 14 * 24 * hourMs, 12, 72) },
      ];
    }
    const found = spans.chill(bottles);
    return found ? [{ kind: 'chill', batch, bottles, ...found }] : [];
  });
}

/** Kitchen temperature now, °C, for a heading. */
export const kitchenCelsius = (household: Household, now: number): number => warmthAt(household.warmth, now);
