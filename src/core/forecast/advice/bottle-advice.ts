import { decide, type Rule } from '../../advice/decision';
import { isGoodFizz, pouredWorth } from '../../advice/worth';
import { cardinal, temperatureResponse } from '../../ferment/relations/cardinal-temperature';
import type { UsualAbsence } from '../../kitchen/absence';
import type { Caution } from '../../settings/caution';
import { nextAwake, type WakingHours } from '../../kitchen/waking';
import { hourIndexAt } from '../run/hour-index';
import { peakGauges } from '../read-off/chance';
import { awakeHours, kitchensOf, lookTable, valuesAt, type WeighedKitchens } from './decision-inputs';
import { failureChance, type Risk } from '../read-off/failure';
import { coolingHours } from '../question/lot-stages';
import type { StoredRun } from '../run/stored-run';
import { hourMs } from '../../duration';

/** Looks that a rule may ask for on a sealed bottle; the first that is possible is asked for. */
const bottleLooks = ['gaugeBar', 'squeeze', 'hiss'] as const;
type BottleLook = (typeof bottleLooks)[number];

/** When to chill a warm bottle: for who does not look, and the rule for who does. Hours from the run's start. */
export interface BottleAdvice {
  readonly chill: {
    readonly hour: number;
    /** Chilled between these it is hardly worse. */
    readonly from: number;
    readonly until: number;
    /** What ends it: that one may burst, the alcohol that its household wants no drink to pass, or what is then poured. */
    readonly ends: 'burst' | 'alcohol' | 'pour';
    /** Chances that its fizz is then good, flat and too much when poured, and that it burst before. */
    readonly good: number;
    readonly flat: number;
    readonly over: number;
    readonly burst: number;
  };
  readonly rule: (Rule<string> & { readonly kind: BottleLook }) | null;
  /** What a look would bring a household that never makes one, and was asked for none: good bottles of a bottle, 0–1. */
  readonly unasked?: { readonly kind: BottleLook; readonly gain: number };
}

export interface BottleAdviceAsk {
  readonly wantedVolumes: number;
  /** Sweetness wanted when it is poured, g/L, and alcohol that it should not pass, % by volume; null for none. */
  readonly wantedSweetness: number;
  readonly ceilingPercent: number | null;
  readonly risk: Risk;
  /** Now, hours from the run's start. */
  readonly nowHour: number;
  /** Instant of hour 0, ms, and when somebody is up. */
  readonly start: number;
  readonly waking: WakingHours;
  /** When nobody is ever there though awake. */
  readonly absence?: UsualAbsence | undefined;
  /** When its batch was last felt, heard or read, hours from the start; null for never. */
  readonly lookedHour: number | null;
  /** What can be looked at; the first of `bottleLooks` among them is asked for. */
  readonly looks: readonly string[];
  /** The household never makes them: the advice then comes without. */
  readonly neverFelt: boolean;
}

/** Bursts a bottle that a maker bears on average, from filling to pouring. */
export const burstsBorne: Readonly<Record<Caution, number>> = { careful: 1 / 5000, usual: 1 / 1000 };

/** Good bottles that a burst counts as much as, within what is borne: broken glass, a lost bottle, a fright. */
const burstPrice = 50;

/** Trouble of one look at a batch, in good bottles. */
const troubleOf: Readonly<Record<BottleLook, number>> = { gaugeBar: 0.03, squeeze: 0.03, hiss: 0.25 };

/** Hours until the same look tells something new. */
const betweenLooks = 2;
/** One squeeze in ten is taken for the word beside it, or the pilot is not as the glass. Practice. */
const misread = 0.1;
/** How far ahead acts are weighed, and hours between them by day. */
const aheadHours = 7 * 24;
const byDay = 3;
/** One chilling in five is done so many hours later than it was meant: life gets in the way. Practice. */
const late = { share: 0.2, hours: 4 };
/** In the fridge for so long before it is poured. */
const coldHours = 72;
const fridgeCelsius = 4;
/** Glass stays at its pressure for the first of cooling, hours. */
const stillWarm = 0.75;
/** So many kitchens over the ceiling end a window for it. */
const overCeiling = 0.25;
/** Chilled so much worse than at the best hour, in good bottles, is hardly worse. */
const hardly = 0.05;

/** Warm hours that cooling down and some days of cold are worth: gas goes on being made. */
export function hoursAfterChilling(celsius: number): number {
  const pace = temperatureResponse(celsius, cardinal.yeast);
  if (!(pace > 0)) return 0;
  let hours = 0;
  const step = 0.25;
  for (let t = step / 2; t < coldHours; t += step) {
    const then = fridgeCelsius + (celsius - fridgeCelsius) * Math.exp(-t / coolingHours);
    hours += (step * temperatureResponse(then, cardinal.yeast)) / pace;
  }
  return hours;
}

/**
 * When to chill a warm, sealed bottle, decided by what each plausible kitchen then pours: fizz and sweetness against what is
 * wanted, less what bursts until then.
 *
 * @param run the bottle left warm
 * @returns null where nothing lies ahead of it
 */
export function bottleAdvice(run: StoredRun, asked: BottleAdviceAsk): BottleAdvice | null {
  const ask = { ...asked, nowHour: firstHour(asked) };
  const end = Math.min(run.hours.at(-1)!, ask.nowHour + aheadHours);
  if (!(end > ask.nowHour)) return null;
  const kitchens = kitchensOf(run);
  const after = hoursAfterChilling(run.celsius[hourIndexAt(run.hours, ask.nowHour) * run.members.length]!);
  const hours = awakeHours({ ...ask, end, every: byDay });
  const worth = hours.map((hour) => worthAt(run, kitchens, hour, after, ask));
  const risk = hours.map((hour) => riskAt(run, kitchens, hour, ask));
  const kind = bottleLooks.find((each) => ask.looks.includes(each)) ?? null;
  const { act, rule } = decide({
    hours,
    weights: kitchens.weights,
    worth,
    risk,
    borne: burstsBorne[ask.risk.caution],
    look:
      kind &&
      lookTable(run, kitchens, {
        kind,
        hours,
        cost: troubleOf[kind] / ask.risk.bottles,
        fromHour: (ask.lookedHour ?? -Infinity) + betweenLooks,
        misread,
      }),
  });
  return {
    chill: {
      hour: act.hour,
      ...around(run, kitchens, act, after, ask, end),
      ...chances(run, kitchens, act.hour, after, ask),
    },
    rule: rule && kind && !ask.neverFelt ? { ...rule, kind } : null,
    ...(rule && kind && ask.neverFelt ? { unasked: { kind, gain: rule.worth - act.worth } } : {}),
  };
}

/** Now for who has just looked, whatever the hour; else when somebody is up again: what is risked until then nobody can help. */
const firstHour = ({ nowHour, lookedHour, start, waking }: BottleAdviceAsk): number =>
  lookedHour === nowHour ? nowHour : (nextAwake(start + nowHour * hourMs, waking) - start) / hourMs;

const burstAt = (run: StoredRun, hour: number, { strength }: Risk) => {
  const peaks = peakGauges(run, hour + stillWarm);
  return (m: number) => failureChance(strength, peaks[m]!);
};

/** What it comes to when an hour is meant: mostly that hour's, now and then that of some hours later. */
function asMeant(of: (hour: number) => (member: number) => number, hour: number, end: number) {
  const [then, later] = [of(hour), of(Math.min(end, hour + late.hours))];
  return (member: number) => (1 - late.share) * then(member) + late.share * later(member);
}

/** Chance that waiting until an hour bursts a bottle: what it has stood until now is past. */
function riskAt(
  run: StoredRun,
  { members }: WeighedKitchens,
  hour: number,
  { nowHour, risk }: BottleAdviceAsk,
) {
  const [then, now] = [burstAt(run, hour, risk), burstAt(run, nowHour, risk)];
  return Float64Array.from(members, (m) => then(m) - now(m));
}

function worthAt(
  run: StoredRun,
  { members }: WeighedKitchens,
  hour: number,
  after: number,
  ask: BottleAdviceAsk,
): Float64Array {
  const wanted = {
    volumes: ask.wantedVolumes,
    sweetness: ask.wantedSweetness,
    ceiling: ask.ceilingPercent,
  };
  const at = (then: number) => {
    const [held, sweet, lactic, acetic, alcohol] = [
      valuesAt(run, 'heldVolumes', then + after),
      valuesAt(run, 'sweetnessGramsPerLitre', then + after),
      valuesAt(run, 'lacticGramsPerLitre', then + after),
      valuesAt(run, 'aceticGramsPerLitre', then + after),
      valuesAt(run, 'abvPercent', then + after),
    ];
    const burst = burstAt(run, then, ask.risk);
    return (m: number) =>
      pouredWorth(
        { volumes: held(m), sweetness: sweet(m), acids: lactic(m) + acetic(m), alcohol: alcohol(m) },
        wanted,
      ) -
      burstPrice * burst(m);
  };
  return Float64Array.from(members, asMeant(at, hour, run.hours.at(-1)!));
}

function chances(
  run: StoredRun,
  { members, weights }: WeighedKitchens,
  hour: number,
  after: number,
  ask: BottleAdviceAsk,
) {
  const held = valuesAt(run, 'heldVolumes', hour + after);
  const bursts = burstAt(run, hour, ask.risk);
  let [all, good, over, burst] = [0, 0, 0, 0];
  members.forEach((m, i) => {
    const weight = weights[i]!;
    all += weight;
    burst += weight * bursts(m);
    if (isGoodFizz(held(m), ask.wantedVolumes)) good += weight;
    else if (held(m) > ask.wantedVolumes) over += weight;
  });
  return { good: good / all, flat: (all - good - over) / all, over: over / all, burst: burst / all };
}

/** The hours around the best one at which chilling is hardly worse. */
function around(
  run: StoredRun,
  kitchens: WeighedKitchens,
  best: { readonly hour: number; readonly worth: number },
  after: number,
  ask: BottleAdviceAsk,
  end: number,
) {
  const total = kitchens.weights.reduce((sum, weight) => sum + weight, 0);
  const mean = (hour: number) => {
    const row = worthAt(run, kitchens, hour, after, ask);
    return row.reduce((sum, value, m) => sum + value * kitchens.weights[m]!, 0) / total;
  };
  const isNear = (hour: number) => mean(hour) >= best.worth - hardly;
  const isBorne = (hour: number) => {
    const each = riskAt(run, kitchens, hour, ask).reduce(
      (sum, risk, m) => sum + risk * kitchens.weights[m]!,
      0,
    );
    return each <= burstsBorne[ask.risk.caution] * total;
  };
  const isOverCeiling = (hour: number) => {
    const alcohol = valuesAt(run, 'abvPercent', hour + after);
    const over = kitchens.members.reduce(
      (sum, m, i) => sum + (alcohol(m) > (ask.ceilingPercent ?? Infinity) ? kitchens.weights[i]! : 0),
      0,
    );
    return over > overCeiling * total;
  };
  let [from, until] = [best.hour, best.hour];
  while (from - 1 >= ask.nowHour && isNear(from - 1)) from -= 1;
  while (until + 1 <= end && isNear(until + 1) && isBorne(until + 1)) until += 1;
  const ends = isBorne(until + 1) ? (isOverCeiling(until + 1) ? 'alcohol' : 'pour') : 'burst';
  return { from, until, ends } as const;
}
