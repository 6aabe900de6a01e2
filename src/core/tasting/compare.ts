import { normalBelow } from '../forecast/run/random';
import { hourIndexAt } from '../forecast/run/hour-index';
import type { LotAnswer } from '../forecast/answer/family-answer';
import type { FiveNumbers } from '../forecast/read-off/weighted-quantiles';
import { movedBy, tasteKinds, type Lot, type TasteKind } from '../lots/lot';
import { liquidMl, solidGrams } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { meanScore, tastingsOf, type Tasting } from './tastings';
import { hourMs } from '../duration';

/** A bottle laid beside others: how it was made, how it went, how it scored, what was thought of it. */
export interface Compared {
  readonly lotId: string;
  readonly variant: string;
  readonly dose: readonly Portion[];
  /** Room that was left, ml, and of what the bottle holds. */
  readonly headspaceMl: number;
  readonly bottleMl: number;
  readonly pulp: boolean;
  /** Hours it stood warm, until it was chilled or opened, or until now. */
  readonly warmHours: number;
  readonly opened: Lot['opened'];
  /** What the forecast thought when it was opened, or thinks now. */
  readonly thought: {
    readonly sweetness: FiveNumbers;
    readonly volumes: FiveNumbers;
    readonly abv: FiveNumbers;
  } | null;
  readonly scores: Readonly<Partial<Record<TasteKind, { readonly mean: number; readonly n: number }>>>;
  readonly tastings: readonly Tasting[];
}

/** Hours a bottle has stood out of the fridge while it was closed. */
export function warmHoursOf(lot: Lot, now: number): number {
  const until = lot.opened?.at ?? lot.ended?.at ?? now;
  let warm = 0;
  let since = lot.firstPlace === 'fridge' ? null : lot.begunAt;
  for (const event of lot.events) {
    if (event.kind !== 'moved' || event.at > until) continue;
    if (event.place === 'fridge' && since !== null) {
      warm += event.at - since;
      since = null;
    } else if (event.place !== 'fridge' && since === null) since = event.at;
  }
  return (warm + (since === null ? 0 : Math.max(0, until - since))) / hourMs;
}

/** A bottle for comparing. */
export function comparedOf(lot: Lot, answer: LotAnswer | null, now: number): Compared {
  const came = lot.events.filter((event) => event.kind === 'came' || event.kind === 'added');
  const filled = came.reduce((sum, event) => sum + liquidMl(movedBy(event)), 0);
  const tastings = tastingsOf(lot);
  const index = answer ? hourIndexAt(answer.hours, ((lot.opened?.at ?? now) - answer.start) / hourMs) : 0;
  const five = (series: 'sweet' | 'fizz' | 'alcohol') => answer!.series[series][index]!;
  return {
    lotId: lot.id,
    variant: lot.variant ?? '',
    dose: lot.events.flatMap((event) => (event.kind === 'added' ? event.portions : [])),
    headspaceMl: Math.max(0, lot.vessel.ml - filled),
    bottleMl: lot.vessel.ml,
    pulp: came.some((event) => solidGrams(movedBy(event)) > 1),
    warmHours: warmHoursOf(lot, now),
    opened: lot.opened,
    thought: answer ? { sweetness: five('sweet'), volumes: five('fizz'), abv: five('alcohol') } : null,
    scores: Object.fromEntries(
      tasteKinds.flatMap((kind) => {
        const mean = meanScore(tastings, kind);
        return mean ? [[kind, mean]] : [];
      }),
    ),
    tastings,
  };
}

/** How two bottles differ in a score, and how much of it to believe. */
export interface Difference {
  readonly kind: TasteKind;
  /** First less second, in steps. */
  readonly steps: number;
  /** People who scored both, or sips enough for so many. */
  readonly pairs: number;
  /** Chance that the first truly is the higher, 0–1. */
  readonly chance: number;
}

/** One person scores the same drink so many steps apart from one day to another. Practice. */
const sipDeviation = 0.8;
/** Bottles of one batch truly differ by about so many steps before anybody tastes. Practice. */
const priorDeviation = 1;

/**
 * What to believe of a difference in scores: paired by person where people scored both, else by all sips; drawn towards none.
 *
 * @returns null when one of the two was not scored
 * @source normal mean with known spread and a normal prior
 */
export function differenceIn(
  kind: TasteKind,
  a: readonly Tasting[],
  b: readonly Tasting[],
): Difference | null {
  const of = (sips: readonly Tasting[], by: string) =>
    meanScore(
      sips.filter((sip) => sip.by === by),
      kind,
    );
  const people = [...new Set(a.map(({ by }) => by))];
  const pairs = people.flatMap((by) => {
    const [first, second] = [of(a, by), of(b, by)];
    return first && second ? [first.mean - second.mean] : [];
  });
  const all = [meanScore(a, kind), meanScore(b, kind)] as const;
  if (!all[0] || !all[1]) return null;
  const n = pairs.length > 0 ? pairs.length : 1 / (1 / all[0].n + 1 / all[1].n);
  const steps = pairs.length > 0 ? pairs.reduce((sum, each) => sum + each, 0) / n : all[0].mean - all[1].mean;
  const noise = (2 * sipDeviation ** 2) / n;
  const share = priorDeviation ** 2 / (priorDeviation ** 2 + noise);
  const chance = normalBelow((steps * share) / Math.sqrt(share * noise));
  return { kind, steps, pairs: Math.max(1, Math.floor(n)), chance };
}
