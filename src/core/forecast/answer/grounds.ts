import { cardinal, temperatureResponse } from '../../ferment/relations/cardinal-temperature';
import type { Household } from '../../journal/household';
import { celsiusAt, type PlaceId } from '../../kitchen/places';
import type { Lot } from '../../lots/lot';
import { dayMs } from '../../duration';

/** One thing an answer rests on: what it is, its value, and the entry it came from. */
export interface GroundInput {
  readonly code:
    'begun' | 'added' | 'pitched' | 'drawn-into' | 'temperature' | 'place' | 'reading' | 'vented' | 'vessel';
  readonly entryId: string | null;
  readonly at: number;
  readonly values: Readonly<Record<string, string | number>>;
}

export type Topic =
  'chill' | 'taste' | 'draw' | 'feed' | 'liveliness' | 'pressure' | 'sugar' | 'level' | 'pour';

/** Why an answer is what it is. */
export interface Grounds {
  readonly topic: Topic;
  readonly inputs: readonly GroundInput[];
  /** How much sooner (below 1) or later three degrees warmer and colder would bring it; null where temperature has no say. */
  readonly warmer: number | null;
  readonly colder: number | null;
  readonly readings: number;
}

const timed: readonly Topic[] = ['chill', 'taste', 'draw', 'feed', 'liveliness', 'pressure', 'pour'];

/**
 * What an answer about a lot rests on: the entries of the lot and of those its liquid came through, and the temperatures
 * they lived.
 *
 * @param path the lot and, before it, those its liquid came from, root first
 */
export function groundsOf(
  topic: Topic,
  path: readonly Lot[],
  household: Household,
  temperatures: readonly { id: string; at: number; place: PlaceId; celsius: number }[],
  now: number,
): Grounds {
  const lot = path.at(-1)!;
  const inputs = path.flatMap((each, index) => inputsOf(each, path[index + 1]));
  const since = path[0]!.begunAt;
  const places = new Set<PlaceId>(path.map(({ place }) => place));
  const warm = timed.includes(topic)
    ? temperatures.filter(({ at, place }) => at >= since - dayMs && places.has(place))
    : [];
  const said = warm.map(({ id, at, place, celsius }): GroundInput => ({
    code: 'temperature',
    entryId: id,
    at,
    values: { place, celsius },
  }));
  const celsius = celsiusAt(household.warmths, lot.place, now);
  const pace = (value: number) => Math.max(0.01, temperatureResponse(value, cardinal.yeast));
  return {
    topic,
    inputs: [...inputs, ...said].sort((a, b) => a.at - b.at),
    warmer: timed.includes(topic) ? pace(celsius) / pace(celsius + 3) : null,
    colder: timed.includes(topic) ? pace(celsius) / pace(celsius - 3) : null,
    readings: inputs.filter(({ code }) => code === 'reading').length,
  };
}

/** Inputs of one lot; of a lot on the way, only what happened before its liquid went on. */
function inputsOf(lot: Lot, next: Lot | undefined): GroundInput[] {
  const until = next?.begunAt ?? Infinity;
  const vessel: GroundInput = {
    code: 'vessel',
    entryId: null,
    at: lot.begunAt,
    values: { kind: lot.vessel.kind, ml: lot.vessel.ml },
  };
  const events = lot.events
    .filter(({ at }) => at <= until)
    .flatMap((event): GroundInput[] => {
      const { at, entryId } = event;
      switch (event.kind) {
        case 'added':
          return [{ code: 'added', entryId, at, values: { portions: event.portions.length } }];
        case 'came':
          return [{ code: 'pitched', entryId, at, values: { from: event.from } }];
        case 'went':
          return next && event.to === next.id
            ? [{ code: 'drawn-into', entryId, at, values: { to: next.id } }]
            : [];
        case 'moved':
          return [{ code: 'place', entryId, at, values: { place: event.place } }];
        case 'vented':
          return [{ code: 'vented', entryId, at, values: {} }];
        case 'read':
          return event.readings.map(({ kind, value }): GroundInput => ({
            code: 'reading',
            entryId,
            at,
            values: { kind, value },
          }));
        default:
          return [];
      }
    });
  return next ? events : [...events, vessel];
}
