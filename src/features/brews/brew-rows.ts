import { rootOf } from '@/core/forecast/question/family-members';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf, type Pitch } from '@/core/lots/pitch';
import type { Forecasts } from '../forecasting/forecasts';

type BrewStage = 'mixed' | 'first-ferment' | 'bottled' | 'finished';

/** A brew with what has become of it. */
export interface BrewRow {
  readonly brew: Lot;
  readonly stage: BrewStage;
  readonly pitch: Pitch | null;
  /** Bottles drawn from it that still live, in order of filling. */
  readonly bottles: readonly Lot[];
}

const order = { mixed: 0, 'first-ferment': 1, bottled: 2, finished: 3 } as const;

/** Every brew by stage, the living ones first; among bottled ones those that stand warm. */
export function brewRows(household: Household, forecasts: Pick<Forecasts, 'living'>): BrewRow[] {
  const find = (id: string) => lotOf(household, id);
  const bottles = new Map<string, Lot[]>();
  for (const lot of forecasts.living) {
    if (lot.role !== 'bottle') continue;
    const root = rootOf(lot, find).id;
    bottles.set(root, [...(bottles.get(root) ?? []), lot]);
  }
  return everyLot(household)
    .filter(({ role }) => role === 'brew')
    .map((brew) => rowOf(brew, bottles.get(brew.id) ?? [], find))
    .sort((a, b) => order[a.stage] - order[b.stage] || warm(b) - warm(a) || b.brew.begunAt - a.brew.begunAt);
}

const warm = ({ bottles }: BrewRow) => Number(bottles.some(({ place }) => place !== 'fridge'));

function rowOf(brew: Lot, found: readonly Lot[], find: (id: string) => Lot | undefined): BrewRow {
  const pitch = pitchOf(brew, find);
  const bottles = [...found].sort((a, b) => (a.id < b.id ? -1 : 1));
  const stage: BrewStage = isLiving(brew)
    ? pitch
      ? 'first-ferment'
      : 'mixed'
    : bottles.length > 0
      ? 'bottled'
      : 'finished';
  return { brew, stage, pitch, bottles };
}

/** One brew's row. */
export const brewRow = (brew: Lot, household: Household, forecasts: Pick<Forecasts, 'living'>): BrewRow => {
  const find = (id: string) => lotOf(household, id);
  return rowOf(
    brew,
    forecasts.living.filter((lot) => lot.role === 'bottle' && rootOf(lot, find).id === brew.id),
    find,
  );
};

/** Bottles of a batch differ by their seals: within this long their windows close together. */
const togetherHours = 1;

/**
 * The lot whose forecast matters most: the warm bottle that must be chilled first, else a cold one, else the jar. Of those that
 * close together the first that was filled, so that the page stays with it when a better answer comes.
 *
 * @param closes when a lot's window to chill closes, hours on its batch's clock; Infinity when nothing is known
 */
export function forecastLot({ brew, stage, bottles }: BrewRow, closes: (lotId: string) => number): Lot {
  if (stage !== 'bottled') return brew;
  const warmOnes = bottles.filter(({ place }) => place !== 'fridge');
  const first = Math.min(...warmOnes.map(({ id }) => closes(id)));
  return warmOnes.find(({ id }) => closes(id) <= first + togetherHours) ?? bottles[0] ?? brew;
}
