import type { Culture, JarCare, Ripeness } from '../../cultures/culture';
import { knownCultures, type CultureTable } from '../../cultures/registry';
import type { Ferment, Inflow, Kept } from '../../ferment/scenario/ferment';
import { bases } from '../../ferment/scenario/bases';
import { cardinal, temperatureResponse } from '../../ferment/relations/cardinal-temperature';
import { inoculum } from '../../ferment/scenario/inoculum';
import type { BaseKind } from '../../matter/base-kinds';
import type { UsualAbsence } from '../../kitchen/absence';
import type { Warmths } from '../../kitchen/places';
import type { WakingHours } from '../../kitchen/waking';
import { awakeGrains, begunDried, ripeMl } from '../../lots/grains';
import { movedBy, type Lot, type LotEvent } from '../../lots/lot';
import { fermentableGrams } from '../../matter/substances';
import type { Learned } from '../ensemble/lessons';
import { liquidChange, soluteOf, stretchOf } from './lot-stages';
import { readingsWithin } from './lot-readings';
import type { CameInReader } from './root-ferment';
import { hourMs } from '../../duration';

/** How far back a jar's life is followed: what lies further back shows only in how it stands. */
const followedMs = 18 * 24 * hourMs;

/** A question about a kept jar. */
export interface StarterQuestion {
  readonly lotId: string;
  /** Instant of hour 0. */
  readonly start: number;
  readonly ferment: Ferment;
  /** Live mass that liveliness 1 stands for, g/L. */
  readonly settledMass: number;
  /** What says that it is ready. */
  readonly ripe: Ripeness;
  /** Hours from the start: now, the last feed, the last draw (negative when there was none). */
  readonly nowHour: number;
  readonly fedHour: number;
  readonly drawnHour: number | null;
  readonly restHours: number;
  /** The kind's usual hours between feeds at the temperature it stands at. */
  readonly feedEveryHours: number;
  /** When somebody is up to taste a jar that is strained, and when it was last tasted; nothing for other jars, and in the cold. */
  readonly tasting?: {
    readonly waking: WakingHours;
    readonly absence?: UsualAbsence;
    readonly tastedHour: number | null;
  };
}

/** What a dose drawn at an instant must know of its jar. */
export type DrawnQuestion = Pick<StarterQuestion, 'ferment' | 'settledMass' | 'ripe'> & {
  readonly atHour: number;
};

export interface StarterAsk {
  readonly lot: Lot;
  readonly warmths: Warmths;
  /** What earlier batches taught; null for nothing. */
  readonly learned: Learned | null;
  readonly now: number;
  /** How far ahead to look, hours. */
  readonly aheadHours: number;
  /** When somebody is up; left out, no rule is worked out. */
  readonly waking?: WakingHours;
  readonly absence?: UsualAbsence;
  readonly cultures?: CultureTable;
  /** How what was poured in from other jars is seen; left out, as it was told. */
  readonly came?: CameInReader;
}

/** How fast a kept jar's cells tire when starved, and how much alcohol its closure lets go, per hour at the best temperature. Practice: half as lively after two hungry days at 22 °C. */
const starving = 0.092;
/** Pace at 22 °C against the best temperature: the rates of hunger are written for the one, and used at the other. */
const paceOf22 = temperatureResponse(22, cardinal.yeast);
const airing = { cloth: 0.03, 'loose-lid': 0.012, airlock: 0.002, sealed: 0 } as const;

/**
 * The question about a starter: its feeds, draws, looks and the temperatures it really lived, and its future left alone.
 *
 * @returns null for a lot that is no kept jar, or has not been begun by `now`
 */
export function starterQuestion(ask: StarterAsk): StarterQuestion | null {
  const { lot, now } = ask;
  const culture = (ask.cultures ?? knownCultures)(lot.culture);
  if (lot.role !== 'starter' || !culture?.keeping || lot.events.length === 0 || lot.begunAt > now)
    return null;
  const first = followedFrom(lot, now);
  const start = first === 0 ? lot.begunAt : lot.events[first]!.at;
  const end =
    start + Math.max(1, Math.ceil((now - start) / (6 * hourMs))) * 6 * hourMs + ask.aheadHours * hourMs;
  const scene = {
    lot,
    warmths: ask.warmths,
    culture,
    keeping: culture.keeping,
    came: ask.came ?? asTold,
  };
  const ferment = keptFerment(scene, ask.learned, first, start, end);
  const hourOf = (at: number) => (at - start) / hourMs;
  const feeds = lot.events.filter(
    (event) => event.kind === 'added' && fermentableGrams(movedBy(event).liquid) > 0.5 && event.at <= now,
  );
  const tasted = lot.events
    .filter((event) => event.kind === 'read' && event.readings.some(({ kind }) => kind === 'sweet'))
    .at(-1)?.at;
  const draws = lot.events.filter((event) => event.kind === 'went' && event.at <= now);
  return {
    lotId: lot.id,
    start,
    ferment,
    settledMass: culture.keeping.settledYeast + culture.keeping.settledLactics,
    ripe: culture.keeping.ripe,
    nowHour: hourOf(now),
    fedHour: hourOf(feeds.at(-1)?.at ?? lot.begunAt),
    drawnHour: draws.length > 0 ? hourOf(draws.at(-1)!.at) : null,
    restHours: culture.keeping.restHours,
    feedEveryHours: Math.min(
      24 * 28,
      culture.keeping.feed.everyHours / paceAt(ferment.stages.at(-1)!.celsius),
    ),
    ...(ask.waking && culture.keeping.renews && lot.place !== 'fridge'
      ? {
          tasting: {
            waking: ask.waking,
            ...(ask.absence ? { absence: ask.absence } : {}),
            tastedHour: tasted === undefined ? null : hourOf(tasted),
          },
        }
      : {}),
  };
}

/** How fast a jar lives against 22 °C, the temperature its rules are written for. @returns 1 at 22 °C, never below 0.01 */
export const paceAt = (celsius: number): number =>
  Math.max(0.01, temperatureResponse(celsius, cardinal.yeast) / temperatureResponse(22, cardinal.yeast));

/** Index of the event the following begins with: the beginning, or the last feed before the horizon. */
function followedFrom(lot: Lot, now: number): number {
  const horizon = now - followedMs;
  if (lot.begunAt >= horizon) return 0;
  for (let i = lot.events.length - 1; i > 0; i--) {
    const event = lot.events[i]!;
    if (event.at <= horizon && event.kind === 'added') return i;
  }
  const later = lot.events.findIndex((event, i) => i > 0 && event.kind === 'added');
  return later > 0 ? later : 0;
}

/** How much more yeast than a settled jar's is carried while there is sugar, in a jar that keeps its liquid: what lets one that is fed 3 % a day at 22 °C eat it within the day, as makers report. */
const fullOf = 1.25;

/** What was poured in, as the journal tells it: with the sugar that its jar was given. */
const asTold: CameInReader = (event) => ({ liquid: movedBy(event).liquid, living: false, eatenGrams: 0 });

interface Scene {
  readonly lot: Lot;
  readonly warmths: Warmths;
  readonly culture: Culture;
  readonly keeping: JarCare;
  readonly came: CameInReader;
}

function keptFerment(
  scene: Scene,
  learned: Learned | null,
  first: number,
  start: number,
  end: number,
): Ferment {
  const { lot, culture, keeping } = scene;
  const before = lot.events.slice(0, first + 1);
  const liquid = Math.max(
    1,
    before.reduce((sum, event) => sum + liquidChange(event), 0),
  );
  const begun = lot.events[first]!;
  const grams =
    begun.kind === 'added'
      ? movedBy(begun).liquid
      : begun.kind === 'came'
        ? scene.came(begun).liquid
        : lot.contents.liquid;
  const { sucrose, glucose, fructose } = soluteOf(grams, liquid);
  const stages = stretchOf({
    lot,
    from: start,
    to: end,
    afterEvent: first + 1,
    liquidMl: liquid,
    warmths: scene.warmths,
    reads: (event, ml) => keptInflow(scene, event, ml, liquid),
  });
  const total = (end - start) / hourMs;
  return {
    liquidLitres: liquid / 1000,
    base: keeping.base as BaseKind,
    citric: 0,
    malic: 0,
    sugars: { sucrose, glucose, fructose },
    co2Volumes: 0.3,
    culture,
    amountPerLitre: 0,
    doseAlive: 1,
    vigour: learned?.vigour ?? 1,
    vigourSpread: learned?.spread ?? culture.vigourSpread,
    kitchen: learned?.kitchen ?? null,
    kept: keptLife(scene, first, liquid),
    stages,
    readings: readingsWithin(lot, start, total),
    members: 64,
    seed: 11,
    stepHours: total > 900 ? 6 : 2,
    longSteps: true,
  };
}

/** Cells of a well-kept jar, or of a share of its liquid, g/L. */
const settledCells = ({ settledYeast, settledLactics, settledAcetics }: JarCare, share = 1) => ({
  yeast: share * settledYeast,
  lactics: share * settledLactics,
  acetics: share * settledAcetics,
});

function keptLife({ lot, warmths, culture, keeping }: Scene, first: number, liquid: number): Kept {
  const begun = lot.events[first]!;
  const grains = culture.unit === 'g' ? awakeGrains(lot, culture, warmths, begun.at) : 0;
  const dosed =
    grains > 0 ? inoculum(culture, (grains / liquid) * 1000, bases[keeping.base as BaseKind]) : null;
  const ripe = ripeMl(culture, begun) / liquid;
  const fromOther = begun.kind === 'came' ? liquidChange(begun) / liquid : ripe;
  const fresh = dosed ?? (fromOther > 0.01 ? settledCells(keeping, fromOther) : keeping.fresh);
  const yeast = Math.max(keeping.settledYeast, fresh.yeast);
  const lactics = Math.max(keeping.settledLactics, fresh.lactics);
  return {
    starving,
    hungerDying: Math.LN2 / (24 * keeping.hungryHalfLifeDays * paceOf22),
    airing: airing[lot.closure],
    yeastCapacity: yeast * (keeping.renews || keeping.feed.everyHours > 48 ? 1.06 : fullOf),
    lacticCapacity: lactics * 1.1,
    settled:
      first === 0 && keeping.ripensDays[1] > 0 && ripe < 0.5
        ? null
        : { ...settledCells(keeping), ready: 1.5, ethanol: 8, lactic: 2 },
    lagWork:
      first === 0 && begunDried(lot, culture)
        ? culture.dried!.lagWork
        : fromOther > 0.01 || dosed
          ? culture.lagWork
          : keeping.fresh.lagWork,
    fresh: { yeast: fresh.yeast, lactics: fresh.lactics, acetics: fresh.acetics },
  };
}

/** A feed brings sugar; what is drawn from another jar, or poured over grains, brings or meets cells. */
function keptInflow(
  { lot, warmths, culture, keeping, came }: Scene,
  event: LotEvent,
  ml: number,
  liquid: number,
): Omit<Inflow, 'share'> | null {
  if (event.kind !== 'added' && event.kind !== 'came') return null;
  const solute = soluteOf((event.kind === 'came' ? came(event) : movedBy(event)).liquid, ml);
  if (event.kind === 'came') return { ...solute, ...settledCells(keeping) };
  const ripe = ripeMl(culture, event) / Math.max(1, ml);
  if (ripe > 0) return { ...solute, ...settledCells(keeping, ripe) };
  if (!keeping.renews || culture.unit !== 'g') return solute;
  const grains = awakeGrains(lot, culture, warmths, event.at);
  const { yeast, lactics, acetics } = inoculum(
    culture,
    (grains / Math.max(ml, liquid)) * 1000,
    bases[keeping.base as BaseKind],
  );
  return { ...solute, yeast, lactics, acetics };
}
