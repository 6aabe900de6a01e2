import { brewDayHours, quantileOf, waysThrough } from './choices';
import { coldHours, type Hands, type WayThrough } from './way-through';
import type { Choice, PlannedWish } from './problem';
import { hourMs } from '../duration';

/** What is done on the way to a glass. */
export type StepKind = 'brew' | 'taste' | 'infuse' | 'bottle' | 'look' | 'chill' | 'pour';

/** A step's window: eight kitchens in ten lie within it. Instants, ms. */
export interface Step {
  readonly kind: StepKind;
  readonly from: number;
  readonly until: number;
}

/** Why kitchens fail in which it does not stand cold and good in time. */
export type Cause = 'slow-jar' | 'slow-bottle' | 'nobody-free' | 'fizz-off';

/** A plan for one wish. */
export interface Outline {
  readonly wayId: string;
  readonly pitchAt: number;
  readonly chance: number;
  /** Times somebody has hands on it. */
  readonly acts: number;
  /** The last brew day with hardly less of a chance, ms. */
  readonly latestStart: number;
  readonly steps: readonly Step[];
  /** What most of the kitchens that fail fail by; null when hardly any do. */
  readonly hangsOn: Cause | null;
}

/** A brew day with so much less of a chance is hardly worse. */
const hardly = 0.05;
/** Fewer failing kitchens than this are hardly any. */
const hardlyAny = 0.05;

function causeOf({ bottledAt, chilledAt, glassAt, good }: WayThrough, by: number): Cause | null {
  if (good && glassAt <= by) return null;
  if (!(bottledAt + 12 * hourMs <= by)) return 'slow-jar';
  if (!(chilledAt + coldHours * hourMs <= by)) return 'slow-bottle';
  return glassAt > by ? 'nobody-free' : 'fizz-off';
}

/** What most of the kitchens that fail fail by; null when hardly any do. */
export function hangsOn(ways: readonly WayThrough[], by: number): Cause | null {
  const count = new Map<Cause, number>();
  for (const each of ways) {
    const cause = causeOf(each, by);
    if (cause) count.set(cause, (count.get(cause) ?? 0) + 1);
  }
  const [worst] = [...count].sort((a, b) => b[1] - a[1]);
  return worst && worst[1] > hardlyAny * ways.length ? worst[0] : null;
}

/** Eight kitchens in ten do it between these instants, ms; Infinity is never. */
export function spanOf(
  ways: readonly WayThrough[],
  of: (each: WayThrough) => number,
): Pick<Step, 'from' | 'until'> {
  const sorted = Float64Array.from(ways, of).sort();
  return { from: quantileOf(sorted, 0.1), until: quantileOf(sorted, 0.9) };
}

/** What a choice comes to in words' terms: the windows of its steps, the latest start, what it hangs on. */
export function outlineOf(
  choice: Choice,
  options: readonly Choice[],
  { by, held }: Pick<PlannedWish, 'by' | 'held'>,
  household: Hands,
): Outline {
  const { way, pitchAt, chance, acts } = choice;
  const ways = waysThrough(way, pitchAt, household, held);
  const bottle = spanOf(ways, ({ bottledAt }) => bottledAt);
  const chill = spanOf(ways, ({ chilledAt }) => chilledAt);
  const pour = spanOf(ways, ({ glassAt }) => glassAt);
  const pause = way.lengths.pauseHours * hourMs;
  const steps: Step[] = [
    { kind: 'brew', from: pitchAt, until: pitchAt + brewDayHours * hourMs },
    { kind: 'taste', from: bottle.from - pause, until: bottle.until - pause },
    ...(pause > 0 ? [{ kind: 'infuse' as const, from: bottle.from - pause, until: bottle.until }] : []),
    { kind: 'bottle', ...bottle },
    { kind: 'look', from: Math.min(bottle.until, chill.from), until: chill.until },
    { kind: 'chill', ...chill },
    { kind: 'pour', ...pour },
  ];
  return {
    wayId: way.id,
    pitchAt,
    chance,
    acts,
    latestStart: Math.max(
      pitchAt,
      ...options
        .filter((each) => each.way === way && each.chance >= chance - hardly)
        .map((each) => each.pitchAt),
    ),
    steps,
    hangsOn: hangsOn(ways, by),
  };
}
