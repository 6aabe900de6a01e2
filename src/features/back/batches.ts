import { costOf } from '@/core/brew/cost';
import { pricesOf } from '@/core/settings/price';
import { hourIndexAt } from '@/core/forecast/run/hour-index';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { rootOf } from '@/core/forecast/question/family-members';
import type { FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { celsiusAt } from '@/core/kitchen/places';
import { wentTo } from '@/core/lots/lineage';
import { movedBy, type Lot } from '@/core/lots/lot';
import { madeWith } from '@/core/lots/made-with';
import { pitchOf } from '@/core/lots/pitch';
import { liquidMl } from '@/core/matter/contents';
import {
  checkedOf,
  mishapOf,
  seasonOf,
  type Checked,
  type Mishap,
  type Season,
} from '@/core/tasting/looking-back';
import { comparedOf, warmHoursOf } from '@/core/tasting/compare';
import { meanScore, tastingsOf } from '@/core/tasting/tastings';
import { headspaceCm } from '@/core/vessels/bottle-shape';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** A batch of which bottles were opened, as it is looked back at. */
export interface Batch {
  readonly brew: Lot;
  readonly at: number;
  readonly season: Season;
  /** Name of the jar it was pitched from; that of its kind when there was none. */
  readonly starter: string;
  readonly opened: readonly Lot[];
  /** Mean of its bottles. */
  readonly warmHours: number;
  readonly liking: number | null;
  /** What was forecast when the first was opened. */
  readonly abv: FiveNumbers | null;
  readonly sugarLeft: FiveNumbers | null;
  readonly checked: readonly Checked[];
  readonly mishaps: readonly Mishap[];
  readonly litres: number;
  /** By the household's prices; null while nothing of it has one. */
  readonly cost: number | null;
}

/** Bottles whose forecast is asked for when looking back: the latest. */
const asked = 24;

/** Opened bottles, the latest first, at most as many as are worth asking about. */
export const openedBottles = (household: Household): Lot[] =>
  everyLot(household)
    .filter(({ role, opened }) => role === 'bottle' && opened)
    .sort((a, b) => b.opened!.at - a.opened!.at || (a.id < b.id ? 1 : -1))
    .slice(0, asked);

/** Batches of which bottles were opened, the latest first. */
export function batchesOf(household: Household, before: (lotId: string) => LotAnswer | null): Batch[] {
  const find = (id: string) => lotOf(household, id);
  const byRoot = new Map<Lot, Lot[]>();
  for (const lot of everyLot(household)) {
    if (lot.role !== 'bottle' || !lot.opened) continue;
    const root = rootOf(lot, find);
    byRoot.set(root, [...(byRoot.get(root) ?? []), lot]);
  }
  return [...byRoot]
    .map(([brew, opened]) =>
      batchOf(
        brew,
        opened.sort((a, b) => a.opened!.at - b.opened!.at),
        household,
        before,
      ),
    )
    .sort((a, b) => b.at - a.at);
}

function batchOf(
  brew: Lot,
  opened: readonly Lot[],
  household: Household,
  before: (lotId: string) => LotAnswer | null,
): Batch {
  const find = (id: string) => lotOf(household, id);
  const pitch = pitchOf(brew, find);
  const answers = opened.flatMap((lot) => {
    const answer = before(lot.id);
    return answer ? [{ lot, answer }] : [];
  });
  const first = answers[0];
  const at = (series: 'alcohol' | 'sweet') =>
    first
      ? (first.answer.series[series][
          hourIndexAt(first.answer.hours, (first.lot.opened!.at - first.answer.start) / hourMs)
        ] ?? null)
      : null;
  const bottled = wentTo(brew).reduce((sum, { ml, lotId }) => sum + (lotId ? ml : 0), 0);
  return {
    brew,
    at: brew.begunAt,
    season: seasonOf(brew.begunAt),
    starter:
      (pitch?.fromLotId ? find(pitch.fromLotId)?.name : undefined) ?? pitch?.culture.name ?? t`nothing`,
    opened,
    warmHours: opened.reduce((sum, lot) => sum + warmHoursOf(lot, lot.opened!.at), 0) / opened.length,
    liking: meanScore(opened.flatMap(tastingsOf), 'liking')?.mean ?? null,
    abv: at('alcohol'),
    sugarLeft: at('sweet'),
    checked: answers.flatMap(({ lot, answer }) => checkedOf(lot, answer)),
    mishaps: opened.flatMap((lot) => mishapIn(lot, brew, household, before(lot.id)) ?? []),
    litres: bottled / 1000,
    cost: costIn(brew, household),
  };
}

function mishapIn(lot: Lot, brew: Lot, household: Household, before: LotAnswer | null): Mishap | null {
  const { pulp, warmHours, headspaceMl, bottleMl } = comparedOf(lot, null, lot.opened!.at);
  const index = before ? hourIndexAt(before.hours, (lot.opened!.at - before.start) / hourMs) : 0;
  const lastMove = lot.events.filter((event) => event.kind === 'moved' && event.at <= lot.opened!.at).at(-1);
  return mishapOf(lot, {
    warmHours,
    pulp,
    headspaceCm: headspaceCm(lot.vessel.kind, bottleMl, headspaceMl),
    openedCold: (lastMove?.kind === 'moved' ? lastMove.place : lot.firstPlace) === 'fridge',
    volumes: before?.series.fizz[index]?.[2] ?? null,
    sugar: before?.series.sweet[index]?.[2] ?? null,
    wantedVolumes: brew.recipe?.wantedVolumes ?? 2.5,
    celsius: celsiusAt(household.warmths, lot.firstPlace, lot.begunAt),
  });
}

function costIn(brew: Lot, household: Household): number | null {
  const prices = pricesOf(household);
  const portions = madeWith(brew, (id) => lotOf(household, id));
  if (!portions.some(({ what }) => what in prices)) return null;
  const ml = brew.events.reduce(
    (sum, event) => sum + (event.kind === 'added' || event.kind === 'came' ? liquidMl(movedBy(event)) : 0),
    0,
  );
  return costOf(portions, Math.max(1, ml), prices).total;
}
