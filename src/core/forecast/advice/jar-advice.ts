import { decide, type Branch, type Rule } from '../../advice/decision';
import { bottledWorth } from '../../advice/worth';
import type { UsualAbsence } from '../../kitchen/absence';
import { nextAwake, type WakingHours } from '../../kitchen/waking';
import { awakeHours, kitchensOf, lookTable, valuesAt } from './decision-inputs';
import type { StoredRun } from '../run/stored-run';
import type { Window } from './windows';
import { hourMs } from '../../duration';

/** When to taste a jar, and what each taste leads to. Hours count from the run's start. */
export type JarRule = Rule<string> & { readonly kind: 'sweet' };

export interface JarRuleAsk {
  /** When it is good, for who does not taste. */
  readonly window: Window;
  readonly nowHour: number;
  /** Instant of hour 0, ms, and when somebody is up. */
  readonly start: number;
  readonly waking: WakingHours;
  readonly absence?: UsualAbsence | undefined;
  /** When it was last tasted, hours from the start; null for never. */
  readonly lookedHour: number | null;
}

/** Trouble of a sip, in good batches. */
const sip = 0.02;
/** Hours until the same sip tells something new, and between two moments at which it is tried. */
const betweenSips = 6;
const byDay = 3;
/** A first sip may be worth its trouble so long before the window opens; nothing is said of windows further off than Today looks. */
const before = 12;
const aheadHours = 48;
/** How long after its first hour a window is weighed. */
const lastsHours = 7 * 24;

/** What is done so soon after a sip is done at once; sips of so near a time are one. Hours: a jar does not hurry, and a rule is short. */
const asOne = { act: 8, sip: 24 };

/**
 * The branches as a maker keeps them: what is done soon after a sip is done at once, what is done long after it is tasted again
 * first, and moments near each other are one.
 */
function plainly({ hour: tasted, branches }: Rule<string>): Branch<string>[] {
  const out: Branch<string>[] = [];
  for (const branch of branches) {
    const isSoon = branch.next === 'act' && branch.hour <= tasted + asOne.act;
    const next = isSoon ? 'act' : 'look';
    const last = out.at(-1);
    const hour = isSoon
      ? tasted
      : last?.next === 'look' && Math.abs(last.hour - branch.hour) <= asOne.sip
        ? last.hour
        : branch.hour;
    out.push({ ...branch, next, hour });
  }
  return out;
}

function jarRule(
  run: StoredRun,
  worthAt: (hour: number) => (member: number) => number,
  { window, nowHour, start, waking, absence, lookedHour }: JarRuleAsk,
): JarRule | null {
  const soonest = window.earliest - before;
  const first = soonest > nowHour ? (nextAwake(start + soonest * hourMs, waking) - start) / hourMs : nowHour;
  const end = Math.min(run.hours.at(-1)!, first + lastsHours);
  if (window.earliest > nowHour + aheadHours || !(end > first) || run.members.length < 2) return null;
  const kitchens = kitchensOf(run);
  const hours = awakeHours({ nowHour: first, end, start, waking, absence, every: byDay });
  const none = new Float64Array(kitchens.members.length);
  const { rule } = decide({
    hours,
    weights: kitchens.weights,
    worth: hours.map((hour) => Float64Array.from(kitchens.members, worthAt(hour))),
    // A jar does not break.
    risk: hours.map(() => none),
    borne: 1,
    look: lookTable(run, kitchens, {
      kind: 'sweet',
      hours,
      cost: sip,
      fromHour: (lookedHour ?? -Infinity) + betweenSips,
      misread: 0,
    }),
  });
  return rule && { ...rule, kind: 'sweet', branches: plainly(rule) };
}

/**
 * When to taste a first ferment, and from which taste on to bottle it.
 *
 * @param wantedSweetness g/L as sucrose at which it is bottled
 * @returns null where no taste is worth its trouble, or its window is more than two days off
 */
export const bottlingRule = (run: StoredRun, wantedSweetness: number, ask: JarRuleAsk): JarRule | null =>
  jarRule(
    run,
    (hour) => {
      const sweet = valuesAt(run, 'sweetnessGramsPerLitre', hour);
      return (m) => bottledWorth(sweet(m), wantedSweetness);
    },
    ask,
  );

/** Strained so many hours before or after its time, a jar's liquid is worth half. Practice: a cycle lasts one to three days. */
const halfWorthHours = 18;
/** What it has lost by the end of its time: from the middle on it goes sour and hungry. */
const lostAtEnd = 0.2;

/** Worth of straining at an hour what is as it should be between two others. */
function strainedWorth(hour: number, opens: number, closes: number): number {
  if (hour < opens) return 1 / (1 + (opens - hour) / halfWorthHours);
  if (closes === Infinity) return 1;
  const middle = (opens + closes) / 2;
  const late = closes > opens ? Math.max(0, Math.min(1, (hour - middle) / (closes - middle))) : 1;
  return (1 - lostAtEnd * late) / (1 + Math.max(0, hour - closes) / halfWorthHours);
}

/**
 * When to taste a jar that is strained, and from which taste on to strain it.
 *
 * @param opens hours between which each kitchen's liquid is as it should be
 * @returns null where no taste is worth its trouble, or its window is more than two days off
 */
export const strainingRule = (
  run: StoredRun,
  { opens, closes }: { readonly opens: Float64Array; readonly closes: Float64Array },
  ask: JarRuleAsk,
): JarRule | null => jarRule(run, (hour) => (m) => strainedWorth(hour, opens[m]!, closes[m]!), ask);
