import { knownCultures, type CultureTable } from '../cultures/registry';
import { bases } from '../ferment/bases';
import { usualVigourSpread, type Ferment, type Inflow, type LotStage } from '../ferment/ferment';
import { nominalMember } from '../ferment/member';
import { slots } from '../ferment/state';
import type { Warmths } from '../kitchen/places';
import { movedBy, type Lot, type LotEvent } from '../lots/lot';
import { drawnFrom, livesAt, pitchOf, type LotFinder, type Pitch } from '../lots/pitch';
import type { BaseKind } from '../matter/base-kinds';
import { fermentableGrams, nothing, plus, times, volumeOf, type Amounts } from '../matter/substances';
import { loneFerment, runFamily } from './family';
import type { Learned } from './lessons';
import { readingsWithin } from './lot-readings';
import { liquidChange, soluteOf, stretchOf, type InflowReader } from './lot-stages';
import { starterQuestion } from './starter-question';
import { doseAliveOf } from './waited';

const hourMs = 3_600_000;
const { ACETIC, ETHANOL, FRUCTOSE, GLUCOSE, LACTIC, ROW_SIZE, SUCROSE } = slots;

/** What a living liquid holds, g per litre of it. */
export type LivingLiquid = Pick<Inflow, 'sucrose' | 'glucose' | 'fructose' | 'ethanol' | 'lactic' | 'acetic'>;

/** The kitchen that a liquid lives in. */
export interface LiquidAsk {
  readonly find: LotFinder;
  readonly warmths: Warmths;
  readonly cultures?: CultureTable | undefined;
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
      aheadHours: 0,
      ...(ask.cultures ? { cultures: ask.cultures } : {}),
    });
    return question ? nominalAt(question.ferment, question.nowHour) : null;
  }
  const from = drawnFrom(lot, ask.find, ask.cultures);
  if (from) return asItsSource(lot, from.source, ask, at, depth);
  const pitch = pitchOf(lot, ask.find, ask.cultures);
  if (!pitch || pitch.at > at) return null;
  const end = Math.max(at, pitch.at + hourMs);
  const ferment = rootFerment({ ...ask, root: lot, learned: () => null }, pitch, end, depth + 1);
  return nominalAt(ferment, (at - pitch.at) / hourMs);
}

/** A liquid that was drawn off another's goes on as that one would have: the same share of its sugar is left. */
function asItsSource(lot: Lot, source: Lot, ask: LiquidAsk, at: number, depth: number): LivingLiquid | null {
  const first = lot.events[0]!;
  const of = livingLiquid(source, ask, { at, entryId: first.entryId }, depth + 1);
  if (!of) return null;
  const mixed = toldSugar(toldBefore(source, { at, entryId: first.entryId }));
  const left = mixed > 0 ? Math.min(1, (of.sucrose + of.glucose + of.fructose) / mixed) : 0;
  const own = toldSugar(lot) * left;
  const sum = of.sucrose + of.glucose + of.fructose;
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
function nominalAt(ferment: Ferment, hour: number): LivingLiquid {
  const stages = cutAt(ferment.stages, hour);
  const lone = loneFerment({ ...ferment, stages, members: 1, readings: [] });
  const { rows } = runFamily(lone, [nominalMember])[0]!;
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
export function cameIn(
  event: Extract<LotEvent, { kind: 'came' }>,
  ask: LiquidAsk,
  depth = 0,
): { readonly liquid: Amounts; readonly living: boolean } {
  const told = movedBy(event).liquid;
  const source = ask.find(event.from);
  const living = source ? livingLiquid(source, ask, { at: event.at, entryId: event.entryId }, depth) : null;
  if (!living) return { liquid: told, living: false };
  const litres = volumeOf(told) / 1000;
  const grams = { ...nothing, citric: told.citric, malic: told.malic, minerals: told.minerals };
  for (const key of Object.keys(living) as (keyof LivingLiquid)[]) grams[key] = living[key] * litres;
  return { liquid: grams, living: true };
}

interface RootAsk extends LiquidAsk {
  readonly root: Lot;
  /** What earlier batches taught for one pitched so. */
  readonly learned: (pitch: Pitch) => Learned | null;
}

/** Kitchens asked: so many that chances lie within two points of what thousands say, nearly always. */
const kitchens = { usual: 720, overMonths: 96 } as const;

/** The ferment of a brew from its pitch until `end`, an instant. */
export function rootFerment(ask: RootAsk, pitch: Pitch, end: number, depth = 0): Ferment {
  const { root } = ask;
  const start = pitch.at;
  const until = Math.max(
    root.events.findIndex(({ entryId }) => entryId === pitch.entryId) + 1,
    root.events.filter(({ at }) => at <= start).length,
  );
  const { liquid, own, brought } = mixedBy(root.events.slice(0, until), pitch, ask, depth);
  const solute = soluteOf(own, liquid);
  const kind = root.recipe?.base ?? 'syrup';
  const base = bases[kind as BaseKind] ?? bases.syrup;
  const stages = stretchOf({
    lot: root,
    from: start,
    to: end,
    afterEvent: until,
    liquidMl: liquid,
    warmths: ask.warmths,
    reads: readsFor(ask, depth),
    startCelsius: pitch.celsius ?? undefined,
  });
  const total = (end - start) / hourMs;
  const learned = ask.learned(pitch);
  return {
    liquidLitres: liquid / 1000,
    base: kind in bases ? (kind as BaseKind) : 'syrup',
    citric: Math.max(0, solute.citric - base.citricGramsPerLitre),
    malic: Math.max(0, solute.malic - base.malicGramsPerLitre),
    sugars: { sucrose: solute.sucrose, glucose: solute.glucose, fructose: solute.fructose },
    ...(brought ? { brought: broughtPerLitre(brought, liquid) } : {}),
    co2Volumes: 0.05,
    culture: pitch.culture,
    amountPerLitre: (pitch.amount / liquid) * 1000,
    doseAlive: doseAliveOf(pitch, ask.find, ask.warmths),
    vigour: learned?.vigour ?? 1,
    vigourSpread: learned?.spread ?? pitch.culture.vigourSpread ?? usualVigourSpread,
    kitchen: learned?.kitchen ?? null,
    kept: null,
    stages,
    readings: readingsWithin(root, start, total),
    members: total > 24 * 40 ? kitchens.overMonths : kitchens.usual,
    seed: 7,
    stepHours: total > 1500 ? 6 : total > 500 ? 3 : 1,
    longSteps: true,
  };
}

const broughtPerLitre = ({ ethanol, lactic, acetic }: Amounts, ml: number) => ({
  ethanol: (ethanol / ml) * 1000,
  lactic: (lactic / ml) * 1000,
  acetic: (acetic / ml) * 1000,
});

/**
 * The liquid that events made, ml, and the grams in it: what leaves takes its share along, even in the minute it was mixed.
 * `brought` is what living liquids had made before; null where nothing is known of them.
 */
function mixedBy(events: readonly LotEvent[], pitch: Pitch, ask: LiquidAsk, depth: number) {
  let liquid = 0;
  let own = nothing;
  let brought: Amounts | null = null;
  for (const event of events) {
    const left = Math.max(0, liquid + liquidChange(event));
    if (event.kind === 'went' && liquid > 0) {
      own = times(own, left / liquid);
      brought = brought && times(brought, left / liquid);
    } else {
      const { grams, living } = ownGrams(event, pitch, ask, depth);
      own = plus(own, grams);
      if (living) brought = plus(brought ?? nothing, grams);
    }
    liquid = left;
  }
  return { liquid: Math.max(1, liquid), own, brought };
}

/** What an event brings: added things exactly; of a living dose what it still has. */
function ownGrams(
  event: LotEvent,
  pitch: Pitch,
  ask: LiquidAsk,
  depth: number,
): { readonly grams: Amounts; readonly living: boolean } {
  if (event.kind === 'added') return { grams: movedBy(event).liquid, living: false };
  if (event.kind !== 'came') return { grams: nothing, living: false };
  const { liquid, living } = cameIn(event, ask, depth);
  if (living || event.entryId !== pitch.entryId) return { grams: liquid, living };
  const litres = volumeOf(movedBy(event).liquid) / 1000;
  return { grams: { ...nothing, sucrose: litres * pitch.culture.residualSugar }, living: false };
}

/** How a later inflow is seen: plain liquids as they are; living ones with their cells and what they still have. */
export function readsFor(ask: LiquidAsk, depth = 0): InflowReader {
  const cultures = ask.cultures ?? knownCultures;
  return (event: LotEvent, ml: number): Omit<Inflow, 'share'> | null => {
    if (event.kind === 'added') return soluteOf(movedBy(event).liquid, ml);
    if (event.kind !== 'came') return null;
    const { liquid, living } = cameIn(event, ask, depth);
    const solute = soluteOf(liquid, ml);
    const source = living ? ask.find(event.from) : undefined;
    if (!source || !livesAt(source, event.at, ask.find, cultures)) return solute;
    const culture = cultures(source.culture);
    if (!culture) return solute;
    const perLitre = culture.unit === 'ml' ? 1000 : 0;
    return {
      ...solute,
      yeast: culture.yeast * perLitre,
      lactics: culture.lactics * perLitre,
      acetics: culture.acetics * perLitre,
    };
  };
}
