import { knownCultures, type CultureTable } from '../../cultures/registry';
import { bases } from '../../ferment/scenario/bases';
import { usualVigourSpread, type Ferment, type Inflow } from '../../ferment/scenario/ferment';
import { saidAt, type Warmths } from '../../kitchen/places';
import { movedBy, type Lot, type LotEvent } from '../../lots/lot';
import { livesAt, type LotFinder, type Pitch } from '../../lots/pitch';
import type { BaseKind } from '../../matter/base-kinds';
import { nothing, plus, times, volumeOf, type Amounts } from '../../matter/substances';
import type { Learned } from '../ensemble/lessons';
import { readingsWithin } from './lot-readings';
import { liquidChange, soluteOf, stretchOf, type InflowReader } from './lot-stages';
import { usualKitchen } from '../ensemble/unknowns';
import { doseAliveOf } from './waited';
import { hourMs } from '../../duration';
import { lotOf, type Household } from '../../journal/household';

export type Came = Extract<LotEvent, { kind: 'came' }>;

/** The kitchen that a liquid lives in. */
export interface LiquidAsk {
  readonly find: LotFinder;
  readonly warmths: Warmths;
  readonly cultures?: CultureTable | undefined;
}

/** What was poured in from another jar, g: as that liquid was then, or as it was told where it does not live. */
export interface CameIn {
  readonly liquid: Amounts;
  readonly living: boolean;
  /** Sugar that the part had eaten since its jar was fed, g. */
  readonly eatenGrams: number;
}

/** How a pouring is seen. */
export type CameInReader = (event: Came) => CameIn;

interface RootAsk extends LiquidAsk {
  readonly root: Lot;
  /** What earlier batches taught for one pitched so. */
  readonly learned: (pitch: Pitch) => Learned | null;
}

/** Kitchens asked: so many that chances lie within two points of what thousands say, nearly always. */
const kitchens = { usual: 720, overMonths: 96 } as const;

/** A kitchen whose warmth was only felt: twice as unsure as one that was read. */
const feltKitchen = { ...usualKitchen, offset: { mean: 0, deviation: 2 * usualKitchen.offset.deviation } };

/** The ferment of a brew from its pitch until `end`, an instant. */
export function rootFerment(ask: RootAsk, pitch: Pitch, end: number, came: CameInReader): Ferment {
  const { root } = ask;
  const start = pitch.at;
  const until = mixedUntil(root.events, pitch);
  const { liquid, own, brought, dosed } = mixedBy(root.events.slice(0, until), pitch, came);
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
    reads: readsFor(ask, came),
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
    amountPerLitre: ((pitch.amount * dosed) / liquid) * 1000,
    doseAlive: doseAliveOf(pitch, ask.find, ask.warmths),
    vigour: learned?.vigour ?? 1,
    vigourSpread: learned?.spread ?? pitch.culture.vigourSpread ?? usualVigourSpread,
    kitchen: learned?.kitchen ?? (saidAt(ask.warmths, root.place, start)?.felt ? feltKitchen : null),
    kept: null,
    stages,
    readings: readingsWithin(root, start, total),
    members: total > 24 * 40 ? kitchens.overMonths : kitchens.usual,
    seed: 7,
    stepHours: total > 1500 ? 6 : total > 500 ? 3 : 1,
    longSteps: true,
  };
}

/** How many events mixed it: its pitch and all that came in by then. What is poured off in that very minute leaves it as it is. */
function mixedUntil(events: readonly LotEvent[], { at: start, entryId }: Pitch): number {
  const pitched = events.findIndex((event) => event.entryId === entryId) + 1;
  const isInflow = ({ at, kind }: LotEvent) => at <= start && (kind === 'added' || kind === 'came');
  return events.reduce((count, event, index) => (isInflow(event) ? index + 1 : count), pitched);
}

const broughtPerLitre = ({ grams: { ethanol, lactic, acetic }, eaten }: Brought, ml: number) => ({
  eaten: (eaten / ml) * 1000,
  ethanol: (ethanol / ml) * 1000,
  lactic: (lactic / ml) * 1000,
  acetic: (acetic / ml) * 1000,
});

/** What living liquids had made, g, and the sugar they had eaten since they were fed. */
interface Brought {
  readonly grams: Amounts;
  readonly eaten: number;
}

/**
 * The liquid that events made, ml, and the grams in it: what leaves takes its share along, even in the minute it was mixed.
 * `brought` is what living liquids had made before; null where nothing is known of them. `dosed` is the share of the pitched dose
 * that is still in it.
 */
function mixedBy(events: readonly LotEvent[], pitch: Pitch, came: CameInReader) {
  let liquid = 0;
  let own = nothing;
  let brought = null as Brought | null;
  let dosed = 1;
  let isPitched = false;
  for (const event of events) {
    const left = Math.max(0, liquid + liquidChange(event));
    if (event.kind === 'went' && liquid > 0) {
      own = times(own, left / liquid);
      if (isPitched) dosed *= left / liquid;
      brought = brought && {
        grams: times(brought.grams, left / liquid),
        eaten: (brought.eaten * left) / liquid,
      };
    } else {
      const { grams, living, eaten } = ownGrams(event, pitch, came);
      own = plus(own, grams);
      if (living)
        brought = { grams: plus(brought?.grams ?? nothing, grams), eaten: (brought?.eaten ?? 0) + eaten };
    }
    liquid = left;
    isPitched ||= event.entryId === pitch.entryId;
  }
  return { liquid: Math.max(1, liquid), own, brought, dosed };
}

/** What an event brings: added things exactly; of a living dose what it still has. */
function ownGrams(
  event: LotEvent,
  pitch: Pitch,
  came: CameInReader,
): { readonly grams: Amounts; readonly living: boolean; readonly eaten: number } {
  const plain = (grams: Amounts) => ({ grams, living: false, eaten: 0 });
  if (event.kind === 'added') return plain(movedBy(event).liquid);
  if (event.kind !== 'came') return plain(nothing);
  const { liquid, living, eatenGrams } = came(event);
  if (living) return { grams: liquid, living, eaten: eatenGrams };
  if (event.entryId !== pitch.entryId) return plain(liquid);
  const litres = volumeOf(movedBy(event).liquid) / 1000;
  return plain({ ...nothing, sucrose: litres * pitch.culture.residualSugar });
}

/** How a later inflow is seen: plain liquids as they are; living ones with their cells and what they still have. */
export function readsFor(ask: LiquidAsk, came: CameInReader): InflowReader {
  const cultures = ask.cultures ?? knownCultures;
  return (event: LotEvent, ml: number): Omit<Inflow, 'share'> | null => {
    if (event.kind === 'added') return soluteOf(movedBy(event).liquid, ml);
    if (event.kind !== 'came') return null;
    const { liquid, living } = came(event);
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

/** A household as living liquids are asked for: its jars, and how warm its places were. */
export const liquidsOf = (household: Household): LiquidAsk => ({
  find: (id) => lotOf(household, id),
  warmths: household.warmths,
});
