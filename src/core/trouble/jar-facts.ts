import type { Culture, JarCare } from '../cultures/culture';
import { celsiusAt, type Warmths } from '../kitchen/places';
import { placeAt } from '../lots/place-at';
import type { Lot } from '../lots/lot';
import { levelMl, solidGrams } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, type Portion } from '../matter/portion';
import { percentagesOf, sugarOfPortions } from '../starter/percentages';
import { dayMs, hourMs } from '../duration';

/** What a jar's own ledger says that bears on its troubles. */
export interface JarFacts {
  readonly ageDays: number;
  /** Hours since it was last fed. */
  readonly fedHoursAgo: number;
  /** Mean of what it stood at since the last feed, at most four days, °C; and the warmest of its last ten days. */
  readonly celsius: number;
  readonly warmest: number;
  /** Days of the last fortnight in the fridge. */
  readonly coldDays: number;
  /** Least level of the last five days against its mark, 0–1. */
  readonly leastLevel: number;
  /** Sweetener of its last feed or beginning with water, percent of that water; null when none had water. */
  readonly sweetenerPercent: number | null;
  /** Whether anything with minerals went in lately: unrefined sugar, molasses, dried fruit, drops. */
  readonly minerals: boolean;
  /** Grains for each gram of sugar of the last feed; null without grains or sugar. */
  readonly grainsPerSugar: number | null;
  /** Hours since it was stirred; Infinity when it never was. */
  readonly stirredHoursAgo: number;
}

const mineralShare = 0.002;
const isWater = ({ what }: Portion) => ingredientOf(what).family === 'water';

/** Reads the facts off a lot. Instants are ms; nothing later than `now` counts. */
export function factsOf(lot: Lot, keeping: JarCare, warmths: Warmths, now: number): JarFacts {
  const events = lot.events.filter(({ at }) => at <= now);
  const feeds = events.flatMap((event) => (event.kind === 'added' ? [event] : []));
  const fed = feeds.at(-1);
  const fedAt = fed?.at ?? lot.begunAt;
  const at = (instant: number) => celsiusAt(warmths, placeAt(lot, instant), instant);
  const every = (from: number, stepHours: number) => {
    const out: number[] = [];
    for (let instant = now; instant >= from; instant -= stepHours * hourMs) out.push(at(instant));
    return out;
  };
  const lately = every(Math.max(fedAt, now - 4 * dayMs), 3);
  const withWater = feeds.filter(({ portions }) => portions.some(isWater)).at(-1);
  const sugar = fed ? sugarOfPortions(fed.portions) : 0;
  const grains = solidGrams(lot.contents, keeping.begin.body);
  const recent = feeds.filter((feed) => feed.at >= now - 14 * dayMs || feed === feeds[0]);
  return {
    ageDays: (now - lot.begunAt) / dayMs,
    fedHoursAgo: (now - fedAt) / hourMs,
    celsius: lately.reduce((sum, value) => sum + value, 0) / lately.length,
    warmest: Math.max(...every(Math.max(lot.begunAt, now - 10 * dayMs), 6)),
    coldDays: coldDays(lot, now),
    leastLevel: leastLevel(lot, events, now),
    sweetenerPercent: withWater ? percentagesOf(withWater.portions).sweetener : null,
    minerals: recent.some(({ portions }) => portions.some(bringsMinerals)),
    grainsPerSugar: keeping.renews && grains > 0 && sugar > 0 ? grains / sugar : null,
    stirredHoursAgo: stirredAgo(events, now),
  };
}

const bringsMinerals = (portion: Portion): boolean => {
  const { composition, family } = ingredientOf(portion.what);
  return family !== 'water' && composition.minerals >= mineralShare && gramsOfPortion(portion) > 0;
};

function stirredAgo(events: Lot['events'], now: number): number {
  const stirred = events.filter(({ kind }) => kind === 'stirred' || kind === 'added').at(-1);
  return stirred ? (now - stirred.at) / hourMs : Infinity;
}

function coldDays(lot: Lot, now: number): number {
  let days = 0;
  for (let day = 0; day < 14; day++) {
    const instant = now - day * dayMs;
    if (instant >= lot.begunAt && placeAt(lot, instant) === 'fridge') days += 1;
  }
  return days;
}

/** Level against the mark after its lowest recent draw: what left since is added back step by step. */
function leastLevel(lot: Lot, events: Lot['events'], now: number): number {
  if (lot.markMl <= 0) return 1;
  let level = levelMl(lot.contents);
  let least = level;
  for (const event of [...events].reverse()) {
    if (event.at < now - 5 * dayMs || event === events[0]) break;
    if (event.kind === 'went') level += levelMl(event.contents);
    else if (event.kind === 'came') level -= levelMl(event.contents);
    else if (event.kind === 'added')
      level -= event.portions.reduce((sum, portion) => sum + gramsOfPortion(portion), 0);
    least = Math.min(least, Math.max(0, level));
  }
  return Math.min(1, least / lot.markMl);
}

/** The kind and its rules, and what the jar's ledger says. */
export interface Patient {
  readonly culture: Culture & { readonly keeping: JarCare };
  readonly facts: JarFacts;
}
