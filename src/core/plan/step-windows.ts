import { onClock } from '../calendar';
import { choiceAt, quantileOf, waysThrough } from './choices';
import { isFree } from './free-hours';
import type { Choice, Household, PlannedWish } from './problem';
import { dayMs } from '../duration';

/** Hours at which a step could be held, and the chance that each leaves. */
export interface StepWindow {
  readonly kind: 'bottle' | 'chill';
  readonly moments: readonly { readonly at: number; readonly chance: number }[];
}

/** Hours of the day that are tried. */
const triedAt = [8, 12, 16, 20];

/**
 * What holding a step of a plan at an hour comes to: bottled then or chilled then, all else as it comes.
 *
 * @returns free hours from a day before to a day after the time eight kitchens in ten would do it, none before the brew day
 */
export function windowsOf(
  { way, pitchAt }: Pick<Choice, 'way' | 'pitchAt'>,
  wish: PlannedWish,
  household: Household,
): StepWindow[] {
  const ways = waysThrough(way, pitchAt, household, wish.held);
  const window = (kind: StepWindow['kind'], times: Float64Array): StepWindow => {
    const sorted = times.filter(Number.isFinite).sort();
    if (sorted.length === 0) return { kind, moments: [] };
    const from = Math.max(pitchAt, quantileOf(sorted, 0.1) - dayMs);
    const until = Math.min(wish.by, quantileOf(sorted, 0.9) + dayMs);
    const moments: { at: number; chance: number }[] = [];
    for (let day = from; day < until + dayMs; day += dayMs)
      for (const hour of triedAt) {
        const at = onClock(day, hour * 60);
        if (at < from || at > until || !isFree(at, household.free)) continue;
        const held = { ...wish.held, [kind === 'bottle' ? 'bottleAt' : 'chillAt']: at };
        moments.push({ at, chance: choiceAt({ ...wish, held }, way, pitchAt, household).chance });
      }
    return { kind, moments };
  };
  return [
    ...(way.lengths.straight
      ? []
      : [
          window(
            'bottle',
            Float64Array.from(ways, ({ bottledAt }) => bottledAt),
          ),
        ]),
    window(
      'chill',
      Float64Array.from(ways, ({ chilledAt }) => chilledAt),
    ),
  ];
}
