import { plainStepper } from '../../ferment/run/stepper';
import type { Ferment, Inflow, LotStage } from '../../ferment/scenario/ferment';
import { nominalMember } from '../../ferment/state/member';
import { slots } from '../../ferment/state/state';
import type { Warmths } from '../../kitchen/places';
import { movedBy, type Lot } from '../../lots/lot';
import { drawnFrom, pitchOf } from '../../lots/pitch';
import { fermentableGrams, nothing, volumeOf } from '../../matter/substances';
import { loneFerment, runFamily } from '../run/family';
import { rootFerment, type Came, type CameIn, type LiquidAsk } from './root-ferment';
import { starterQuestion } from './starter-question';
import { hourMs } from '../../duration';

const { ACETIC, ETHANOL, FRUCTOSE, GLUCOSE, LACTIC, ROW_SIZE, SUCROSE } = slots;

type Dissolved = Pick<Inflow, (typeof dissolved)[number]>;
const dissolved = ['sucrose', 'glucose', 'fructose', 'ethanol', 'lactic', 'acetic'] as const;

/** What a living liquid holds, g per litre of it. */
export interface LivingLiquid extends Dissolved {
  /** Sugar eaten since its last feed: as much as other kitchens may differ by. */
  readonly eaten: number;
}

/** Liquids are followed back through so many jars. */
const deepest = 5;

/** Answers by kitchen warmth and lot: both are replaced, never changed. */
const worked = new WeakMap<Warmths, WeakMap<Lot, Map<string, LivingLiquid | null>>>();

/**
 * What is left in a living jar's liquid at an instant, by its own history in the usual kitchen: the one figure for the sugar that
 * a draw, a strained cycle or a cup of the last batch brings along.
 *
 * @param lot the jar that it is poured from
 * @param until the instant; with `entryId`, just before that pouring
 * @returns g/L; null for what is not alive then, or of which nothing is known
 */
export function livingLiquid(
  lot: Lot,
  ask: LiquidAsk,
  until: { readonly at: number; readonly entryId?: string },
  depth = 0,
): LivingLiquid | null {
  if (depth > deepest) return null;
  const key = `${until.at} ${until.entryId ?? ''}`;
  const ofWarmths = worked.get(ask.warmths) ?? new WeakMap<Lot, Map<string, LivingLiquid | null>>();
  worked.set(ask.warmths, ofWarmths);
  const ofLot = ofWarmths.get(lot) ?? new Map<string, LivingLiquid | null>();
  ofWarmths.set(lot, ofLot);
  const there = ofLot.get(key);
  if (there !== undefined) return there;
  const found = liquidAt(toldBefore(lot, until), ask, until.at, depth);
  ofLot.set(key, found);
  return found;
}

/** A lot as it was told before a pouring: what came after it in the ledger has not happened. */
function toldBefore(lot: Lot, { at, entryId }: { readonly at: number; readonly entryId?: string }): Lot {
  const poured = lot.events.findIndex((event) => event.entryId === entryId);
  const before = poured < 0 ? lot.events : lot.events.slice(0, poured);
  return { ...lot, events: before.filter((event) => event.at <= at) };
}

function liquidAt(lot: Lot, ask: LiquidAsk, at: number, depth: number): LivingLiquid | null {
  if (lot.role === 'starter') {
    const question = starterQuestion({
      lot,
      warmths: ask.warmths,
      learned: null,
      now: at,
      // An hour on: what came in this very minute is in it.
      aheadHours: 1,
      came: (event) => cameIn(event, ask, depth + 1),
      ...(ask.cultures ? { cultures: ask.cultures } : {}),
    });
    if (!question) return null;
    const { ferment, nowHour, fedHour } = question;
    const fed = nominalAt(ferment, Math.min(nowHour, Math.max(0, fedHour) + minute));
    return withEaten(nominalAt(ferment, nowHour), sugarOf(fed));
  }
  const from = drawnFrom(lot, ask.find, ask.cultures);
  if (from) return asItsSource(lot, from.source, ask, at, depth);
  const pitch = pitchOf(lot, ask.find, ask.cultures);
  if (!pitch || pitch.at > at) return null;
  const end = at + hourMs;
  const reads = (event: Came) => cameIn(event, ask, depth + 1);
  const ferment = rootFerment({ ...ask, root: lot, learned: () => null }, pitch, end, reads);
  const { sucrose, glucose, fructose } = ferment.sugars;
  return withEaten(nominalAt(ferment, (at - pitch.at) / hourMs), sucrose + glucose + fructose);
}

const sugarOf = ({ sucrose, glucose, fructose }: Dissolved): number => sucrose + glucose + fructose;
const withEaten = (liquid: Dissolved, before: number): LivingLiquid => ({
  ...liquid,
  eaten: Math.max(0, before - sugarOf(liquid)),
});

/** A liquid that was drawn off another's goes on as that one would have: the same share of its sugar is left. */
function asItsSource(lot: Lot, source: Lot, ask: LiquidAsk, at: number, depth: number): LivingLiquid | null {
  const first = lot.events[0]!;
  const of = livingLiquid(source, ask, { at, entryId: first.entryId }, depth + 1);
  if (!of) return null;
  const mixed = toldSugar(toldBefore(source, { at, entryId: first.entryId }));
  const sum = sugarOf(of);
  const left = mixed > 0 ? Math.min(1, sum / mixed) : 0;
  const own = toldSugar(lot) * left;
  const by = sum > 0 ? own / sum : 0;
  return { ...of, sucrose: of.sucrose * by, glucose: of.glucose * by, fructose: of.fructose * by };
}

/** Sugar that was put into a liquid, g per litre, whatever of it was eaten since. */
function toldSugar({ events }: Pick<Lot, 'events'>): number {
  let grams = 0;
  let ml = 0;
  for (const event of events) {
    if (event.kind !== 'added' && event.kind !== 'came') continue;
    grams += fermentableGrams(movedBy(event).liquid);
    ml += volumeOf(movedBy(event).liquid);
  }
  return ml > 0 ? (grams / ml) * 1000 : 0;
}

/** A minute, in hours: what came in at the very end is let in. */
const minute = 1 / 60;

/** The stages of a ferment up to an hour. */
function cutAt(stages: Ferment['stages'], hour: number): Ferment['stages'] {
  const out: LotStage[] = [];
  let from = 0;
  for (const stage of stages) {
    const left = hour - from;
    if (out.length > 0 && left < -1e-9) break;
    out.push({ ...stage, hours: Math.max(minute, Math.min(stage.hours, left)) });
    from += stage.hours;
  }
  return out;
}

/** The usual kitchen's liquid at an hour of a ferment. */
function nominalAt(ferment: Ferment, hour: number): Dissolved {
  const stages = cutAt(ferment.stages, hour);
  const lone = loneFerment({ ...ferment, stages, members: 1, readings: [] });
  const { rows } = runFamily(lone, [nominalMember], plainStepper())[0]!;
  const at = (slot: number) => rows[rows.length - ROW_SIZE + slot]!;
  return {
    sucrose: at(SUCROSE),
    glucose: at(GLUCOSE),
    fructose: at(FRUCTOSE),
    ethanol: at(ETHANOL),
    lactic: at(LACTIC),
    acetic: at(ACETIC),
  };
}

/** What an event poured in from another jar, g: as that liquid was then; as it was told for what does not live. */
export function cameIn(event: Came, ask: LiquidAsk, depth = 0): CameIn {
  const told = movedBy(event).liquid;
  const source = ask.find(event.from);
  const living = source ? livingLiquid(source, ask, { at: event.at, entryId: event.entryId }, depth) : null;
  if (!living) return { liquid: told, living: false, eatenGrams: 0 };
  const litres = volumeOf(told) / 1000;
  const grams = { ...nothing, citric: told.citric, malic: told.malic, minerals: told.minerals };
  for (const key of dissolved) grams[key] = living[key] * litres;
  return { liquid: grams, living: true, eatenGrams: living.eaten * litres };
}

/**
 * Sugar that went into a lot, g per litre of its liquid: what was added exactly, of what came from a living jar what that still
 * had. What has fermented away since is the forecast's business.
 */
export function mixedSugar(lot: Lot, ask: LiquidAsk): number {
  let grams = 0;
  let ml = 0;
  for (const event of lot.events) {
    if (event.kind !== 'added' && event.kind !== 'came') continue;
    ml += volumeOf(movedBy(event).liquid);
    grams += fermentableGrams(event.kind === 'came' ? cameIn(event, ask).liquid : movedBy(event).liquid);
  }
  return ml > 0 ? (grams / ml) * 1000 : 0;
}

/** Sugar that a living jar's liquid has left at an instant, g/L; null for what is not alive. */
export function sugarLeft(lot: Lot, ask: LiquidAsk, at: number): number | null {
  const liquid = livingLiquid(lot, ask, { at });
  return liquid && liquid.sucrose + liquid.glucose + liquid.fructose;
}
