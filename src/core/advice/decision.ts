/** A look that may be made before acting, and how likely each of its results is in each kitchen. */
export interface LookTable<R extends string> {
  /** What one look costs a maker, in good bottles. */
  readonly cost: number;
  readonly results: readonly R[];
  /** First hour at which it may be made: a look repeated at once tells nothing new. */
  readonly fromHour: number;
  /** Chance of a result: by hour, result and kitchen. */
  readonly chances: readonly (readonly Float64Array[])[];
}

/** What acting at each hour is worth in each plausible kitchen. */
export interface DecisionTable<R extends string> {
  /** Hours at which somebody is up to act, rising; the first is now, or their getting up. */
  readonly hours: readonly number[];
  /** Weights of the kitchens, as many as there are; they need not sum to 1. */
  readonly weights: Float64Array;
  /** Worth of acting, by hour and kitchen, with what may break taken off. */
  readonly worth: readonly Float64Array[];
  /** Chance that waiting until an hour breaks something, by hour and kitchen; it never falls with the hours. */
  readonly risk: readonly Float64Array[];
  /** Risk that is borne on average over the kitchens, 0–1: nothing is waited for beyond it, whatever it is worth. */
  readonly borne: number;
  readonly look: LookTable<R> | null;
}

/** What to do after a result: act at an hour without looking again, or look again at one. */
export interface Branch<R extends string> {
  readonly result: R;
  /** Chance of that result, 0–1. */
  readonly chance: number;
  readonly next: 'act' | 'look';
  readonly hour: number;
}

/** Look at an hour, and do what its result says. */
export interface Rule<R extends string> {
  readonly hour: number;
  readonly branches: readonly Branch<R>[];
  /** What is expected of following it, in good bottles, the looks paid. */
  readonly worth: number;
}

export interface Decision<R extends string> {
  /** The best hour to act for who does not look, and what is then expected. */
  readonly act: { readonly hour: number; readonly worth: number };
  /** The rule, where a look is worth its trouble; null where it is not. */
  readonly rule: Rule<R> | null;
}

/** Hours tried for a look, at most: the nearer ones all, then every second. */
const mostTried = 14;
/** Results this unlikely say nothing of what to do. */
const unlikely = 1e-6;

interface Best {
  readonly index: number;
  readonly worth: number;
  /** What it risks; like the worth a sum over the weights. */
  readonly risk: number;
}

/**
 * Whether to act now, later, or to look first: the act with the best expectation over all plausible kitchens, of those whose risk
 * is borne; where none is, to act at once. Looks are weighed two ahead: each result of a first one is followed by the best of acting
 * or looking once more.
 *
 * @returns hours out of the table's; expectations are per unit of weight
 * @throws RangeError without hours or weight
 * @source D. V. Lindley, Making Decisions (1985): decision trees with observations, solved from their ends
 */
export function decide<R extends string>(table: DecisionTable<R>): Decision<R> {
  const total = sum(table.weights);
  if (table.hours.length === 0 || !(total > 0)) throw new RangeError('a decision needs hours and kitchens');
  const act = bestAct(table, table.weights, 0, total);
  const first = table.look ? bestLook(table, table.look, table.weights, 0, 2) : null;
  return {
    act: { hour: table.hours[act.index]!, worth: act.worth / total },
    rule:
      table.look && first && first.worth > act.worth
        ? {
            hour: table.hours[first.index]!,
            worth: first.worth / total,
            branches: branchesOf(table, table.look, table.weights, first.index, total),
          }
        : null,
  };
}

const sum = (values: Float64Array): number => {
  let all = 0;
  for (let m = 0; m < values.length; m++) all += values[m]!;
  return all;
};

/** The best hour to act from one on, for kitchens weighed so; worths are sums over the weights. */
function bestAct(
  { worth, risk, borne }: DecisionTable<string>,
  weights: Float64Array,
  from: number,
  total: number,
): Best {
  let best: Best | null = null;
  for (let index = from; index < worth.length; index++) {
    const [row, risks] = [worth[index]!, risk[index]!];
    let [value, risked] = [0, 0];
    for (let m = 0; m < weights.length; m++) {
      value += weights[m]! * row[m]!;
      risked += weights[m]! * risks[m]!;
    }
    // At once is always possible: what was risked until then is past.
    if (best && risked > borne * total) break;
    if (!best || value > best.worth) best = { index, worth: value, risk: risked };
  }
  return best!;
}

/** Indices at which a look is tried, after or at one. */
function tried(count: number, from: number): number[] {
  const out: number[] = [];
  for (let i = from; i < count && out.length < mostTried; i += out.length < mostTried / 2 ? 1 : 2)
    out.push(i);
  return out;
}

function posterior(weights: Float64Array, chance: Float64Array): Float64Array {
  const out = new Float64Array(weights.length);
  for (let m = 0; m < weights.length; m++) out[m] = weights[m]! * chance[m]!;
  return out;
}

/** The best hour for a look, and what is expected of it with what follows; `deep` looks are weighed, this one among them. */
function bestLook(
  table: DecisionTable<string>,
  look: LookTable<string>,
  weights: Float64Array,
  from: number,
  deep: number,
): Best | null {
  let best: Best | null = null;
  const all = sum(weights);
  const first = table.hours.findIndex((hour) => hour >= look.fromHour);
  if (first < 0) return null;
  for (const index of tried(table.hours.length, Math.max(from, first))) {
    let [worth, risk] = [-look.cost * all, 0];
    for (const chance of look.chances[index]!) {
      const after = afterResult(table, look, posterior(weights, chance), index, deep);
      worth += after.worth;
      risk += after.risk;
    }
    if (risk <= table.borne * all && (!best || worth > best.worth)) best = { index, worth, risk };
  }
  return best;
}

/** The best after a result: acting from its hour on, or another look later. */
function afterResult(
  table: DecisionTable<string>,
  look: LookTable<string>,
  weights: Float64Array,
  at: number,
  deep: number,
): Best & { readonly next: 'act' | 'look' } {
  const act = bestAct(table, weights, at, sum(weights));
  // What is best done at once needs no other look.
  if (deep < 2 || act.index === at || at + 1 >= table.hours.length) return { ...act, next: 'act' };
  const again = bestLook(table, look, weights, at + 1, deep - 1);
  return again && again.worth > act.worth ? { ...again, next: 'look' } : { ...act, next: 'act' };
}

function branchesOf<R extends string>(
  table: DecisionTable<R>,
  look: LookTable<R>,
  weights: Float64Array,
  at: number,
  total: number,
): Branch<R>[] {
  return look.results.flatMap((result, r): Branch<R>[] => {
    const left = posterior(weights, look.chances[at]![r]!);
    const chance = sum(left) / total;
    if (chance < unlikely) return [];
    const { index, next } = afterResult(table, look, left, at, 2);
    return [{ result, chance, next, hour: table.hours[index]! }];
  });
}
