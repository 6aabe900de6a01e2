import { celsiusAt, type Warmths } from '../kitchen/places';
import { movedBy, type Lot } from '../lots/lot';
import { drawnFrom, pitchOf, type LotFinder } from '../lots/pitch';
import { placeAt } from '../lots/place-at';
import { levelMl, solidGrams } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { volumeOf } from '../matter/substances';
import { hourMs } from '../duration';

/** What the record of a brew or a bottle knows that bears on what is wrong with it. */
export interface DrinkFacts {
  /** Since it was pitched, or since this bottle was closed, hours; null when nothing was pitched. */
  readonly hours: number | null;
  /** Hours of them outside the fridge. */
  readonly warmHours: number;
  /** Where it stands, °C, and the coldest and warmest it stood at. */
  readonly celsius: number;
  readonly warmest: number;
  /** How warm the base was when it was pitched; null when nobody said. */
  readonly pitchedCelsius: number | null;
  /** Share of the batch that the living dose was; null for what is measured by weight, or lives on its base. */
  readonly doseShare: number | null;
  /** Sugar it still has by its forecast, g/L; null when there is none. */
  readonly sugarLeft: number | null;
  /** Share of its vessel that is empty. */
  readonly emptyShare: number;
  /** Whether fruit or pulp lies in it. */
  readonly pulp: boolean;
  /** Whether air reaches it: cloth, or a loose lid. */
  readonly airy: boolean;
  /** Whether something in it names a preservative. */
  readonly preserved: boolean;
  /** Whether it was pitched with packaged yeast. */
  readonly packet: boolean;
  readonly bottled: boolean;
}

const stepMs = 6 * hourMs;
const leastPulpGrams = 15;

/** Whether a preservative is named anywhere along where a liquid came from. */
function namesPreservative(lot: Lot, find: LotFinder, depth = 0): boolean {
  return lot.events.some((event) => {
    if (event.kind === 'added') return event.portions.some(({ preserved }) => preserved === true);
    if (event.kind !== 'came' || depth > 3) return false;
    const source = find(event.from);
    return source ? namesPreservative(source, find, depth + 1) : false;
  });
}

/**
 * Gathers what the record knows of a drink in trouble.
 *
 * @param sugarLeft g/L by the forecast; null when there is none
 * @param now ms
 */
export function drinkFactsOf(
  lot: Lot,
  find: LotFinder,
  warmths: Warmths,
  sugarLeft: number | null,
  now: number,
): DrinkFacts {
  const brew = drawnFrom(lot, find)?.source ?? lot;
  const pitch = pitchOf(brew, find) ?? pitchOf(lot, find);
  const bottled = lot.role === 'bottle';
  const from = bottled ? lot.begunAt : (pitch?.at ?? null);
  const until = lot.opened?.at ?? lot.ended?.at ?? now;
  const temperatures: number[] = [];
  let warmHours = 0;
  for (let at = from ?? lot.begunAt; at <= until; at += stepMs) {
    const place = placeAt(lot, at);
    temperatures.push(celsiusAt(warmths, place, at));
    if (place !== 'fridge') warmHours += Math.min(stepMs, until - at) / hourMs;
  }
  const solids = Object.keys(lot.contents.solids).reduce(
    (sum, id) => sum + (ingredientOf(id).family === 'culture' ? 0 : solidGrams(lot.contents, id)),
    0,
  );
  const mixedMl = brew.events.reduce(
    (sum, event) =>
      event.kind === 'added' || event.kind === 'came' ? sum + volumeOf(movedBy(event).liquid) : sum,
    0,
  );
  return {
    hours: from === null ? null : Math.max(0, (until - from) / hourMs),
    warmHours,
    celsius: celsiusAt(warmths, lot.place, now),
    warmest: Math.max(...temperatures, celsiusAt(warmths, lot.place, now)),
    pitchedCelsius: pitch?.celsius ?? null,
    doseShare:
      pitch && pitch.culture.unit === 'ml' && pitch.amount > 0 ? pitch.amount / Math.max(1, mixedMl) : null,
    sugarLeft,
    emptyShare: Math.max(0, 1 - levelMl(lot.contents) / lot.vessel.ml),
    pulp: solids >= leastPulpGrams,
    airy: lot.closure === 'cloth' || lot.closure === 'loose-lid',
    preserved: namesPreservative(lot, find),
    packet: pitch?.culture.packet !== undefined,
    bottled,
  };
}
