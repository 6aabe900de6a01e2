import { knownCultures, type CultureTable } from '../cultures/registry';
import { usualVigourSpread, type Ferment, type Inflow } from '../ferment/ferment';
import { bases } from '../ferment/bases';
import type { BaseKind } from '../matter/base-kinds';
import { type Warmths } from '../kitchen/places';
import type { Keeps } from '../kitchen/stock';
import { drawnFrom, livesAt, pitchOf, type LotFinder, type Pitch } from '../lots/pitch';
import { movedBy, type Lot, type LotEvent } from '../lots/lot';
import { nothing, plus, times, volumeOf, type Amounts } from '../matter/substances';
import type { Branch, Family } from './family';
import { endOf, jarEnd, membersOf } from './family-members';
import type { Learned } from './lessons';
import { liquidChange, soluteOf, stretchOf } from './lot-stages';
import { readingsWithin } from './lot-readings';
import { doseAliveOf } from './waited';
import { starterQuestion, type DrawnQuestion } from './starter-question';
import { isUnderPressure, lotAsk, type LotAsk } from './lot-ask';

const hourMs = 3_600_000;

/** A whole family as one question: plain data, the same for the same history. */
export interface FamilyQuestion {
  readonly rootId: string;
  /** Instant of hour 0, ms since 1970. */
  readonly start: number;
  readonly family: Family;
  readonly lots: readonly LotAsk[];
  /** The jar the dose came from, as it was then. */
  readonly drawn: DrawnQuestion | null;
  /** Whether to work out chances to the last point (see closely.ts), however long it takes. */
  readonly closely?: true;
}

export interface FamilyAsk {
  readonly root: Lot;
  readonly find: LotFinder;
  readonly warmths: Warmths;
  /** What earlier batches taught for one pitched so. */
  readonly learned: (pitch: Pitch) => Learned | null;
  readonly now: number;
  readonly cultures?: CultureTable;
  /** The household: its bottles, and how careful it is. Careful, and bottles of five years, when left out. */
  readonly household?: Keeps;
}

/**
 * The question about a brew and everything drawn from it: its past as the journal tells it, its future left alone.
 *
 * @returns null while nothing lives in it. Its end moves in half-days, so that a forecast is not asked anew every minute
 */
export function familyQuestion(ask: FamilyAsk): FamilyQuestion | null {
  const { root, find } = ask;
  const cultures = ask.cultures ?? knownCultures;
  const pitch = pitchOf(root, find, cultures);
  if (!pitch) return null;
  const start = pitch.at;
  const tree = membersOf(root, find, cultures);
  const rootPart = rootFerment(ask, pitch, start);
  const branches: Branch[] = [];
  const indexOf = new Map<string, number>([[root.id, -1]]);
  const sealed = tree.filter(isUnderPressure).length;
  const lots: LotAsk[] = [lotAsk(ask, root, 0, start, cultures, sealed)];
  for (const lot of tree) {
    const branch = branchOf(ask, lot, start, indexOf, cultures);
    if (!branch) continue;
    const same = branches.findIndex(
      (each) => JSON.stringify({ ...each, lots: [] }) === JSON.stringify({ ...branch, lots: [] }),
    );
    if (same >= 0) branches[same] = { ...branches[same]!, lots: [...branches[same]!.lots, lot.id] };
    else branches.push(branch);
    const index = same >= 0 ? same : branches.length - 1;
    indexOf.set(lot.id, index);
    lots.push(lotAsk(ask, lot, index + 1, start, cultures, sealed));
  }
  return {
    rootId: root.id,
    start,
    family: { root: rootPart, lots: [root.id], branches },
    lots: besideBurst(lots, tree),
    drawn: drawnQuestion(ask, pitch),
  };
}

/** Marks what is sealed beside a bottle of the batch that burst: the same liquid, as long closed. */
function besideBurst(lots: readonly LotAsk[], tree: readonly Lot[]): readonly LotAsk[] {
  const burst = tree.some(({ ended }) => ended?.how === 'burst');
  return burst ? lots.map((ask) => (ask.limitBar === null ? ask : { ...ask, burstBeside: true })) : lots;
}

/** Kitchens asked: so many that chances lie within two points of what thousands say, nearly always. */
const kitchens = { usual: 720, overMonths: 96 } as const;

function rootFerment(ask: FamilyAsk, pitch: Pitch, start: number): Ferment {
  const { root, now } = ask;
  const until = Math.max(
    root.events.findIndex(({ entryId }) => entryId === pitch.entryId) + 1,
    root.events.filter(({ at }) => at <= start).length,
  );
  const before = root.events.slice(0, until);
  const { liquid, own } = mixedBy(before, pitch);
  const solute = soluteOf(own, liquid);
  const kind = root.recipe?.base ?? 'syrup';
  const base = bases[kind as BaseKind] ?? bases.syrup;
  const end = jarEnd(root, start, now);
  const stages = stretchOf({
    lot: root,
    from: start,
    to: end,
    afterEvent: until,
    liquidMl: liquid,
    warmths: ask.warmths,
    reads: readsFor(ask),
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

/** The liquid that events made, ml, and the grams in it: what leaves takes its share along, even in the minute it was mixed. */
function mixedBy(events: readonly LotEvent[], pitch: Pitch): { liquid: number; own: Amounts } {
  let liquid = 0;
  let own = nothing;
  for (const event of events) {
    const left = Math.max(0, liquid + liquidChange(event));
    own = event.kind === 'went' && liquid > 0 ? times(own, left / liquid) : plus(own, ownGrams(event, pitch));
    liquid = left;
  }
  return { liquid: Math.max(1, liquid), own };
}

/** What an event brings of its own: added things exactly; of a dose only the sugar it still has. */
function ownGrams(event: LotEvent, pitch: Pitch): Amounts {
  if (event.kind === 'added') return movedBy(event).liquid;
  if (event.kind !== 'came') return nothing;
  if (event.entryId !== pitch.entryId) return movedBy(event).liquid;
  return { ...nothing, sucrose: (volumeOf(movedBy(event).liquid) / 1000) * pitch.culture.residualSugar };
}

/** How a later inflow is seen: plain liquids as they are; living ones with their cells and what sugar they still have. */
function readsFor(ask: FamilyAsk) {
  const cultures = ask.cultures ?? knownCultures;
  return (event: LotEvent, ml: number): Omit<Inflow, 'share'> | null => {
    if (event.kind === 'added') return soluteOf(movedBy(event).liquid, ml);
    if (event.kind !== 'came') return null;
    const source = ask.find(event.from);
    if (!source || !livesAt(source, event.at, ask.find, cultures)) return soluteOf(movedBy(event).liquid, ml);
    const culture = cultures(source.culture);
    if (!culture) return soluteOf(movedBy(event).liquid, ml);
    const { yeast, lactics, acetics, residualSugar, lacticAcid, unit } = culture;
    const perLitre = unit === 'ml' ? 1000 : 0;
    return {
      ...soluteOf(nothing, 1),
      sucrose: residualSugar,
      lactic: lacticAcid * perLitre,
      yeast: yeast * perLitre,
      lactics: lactics * perLitre,
      acetics: acetics * perLitre,
    };
  };
}

function branchOf(
  ask: FamilyAsk,
  lot: Lot,
  start: number,
  indexOf: ReadonlyMap<string, number>,
  cultures: CultureTable,
): Branch | null {
  const from = drawnFrom(lot, ask.find, cultures);
  const parent = from ? indexOf.get(from.source.id) : undefined;
  if (!from || parent === undefined) return null;
  const begun = Math.max(from.at, start);
  const fromHour = (begun - start) / hourMs;
  const first = lot.events.filter(({ entryId }) => entryId === from.entryId);
  const liquid = tenth(
    Math.max(
      1,
      first.reduce((sum, event) => sum + liquidChange(event), 0),
    ),
  );
  const firstInflows = first.flatMap((event): Inflow[] => {
    if (event.kind !== 'added') return [];
    const ml = volumeOf(movedBy(event).liquid);
    return ml > 0 ? [{ ...soluteOf(movedBy(event).liquid, ml), share: ml / liquid }] : [];
  });
  const end = Math.max(
    begun + hourMs,
    lot.role === 'bottle' ? endOf(lot, start, ask.now) : jarEnd(lot, start, ask.now),
  );
  const stages = stretchOf({
    lot,
    from: begun,
    to: end,
    afterEvent: first.length,
    liquidMl: liquid,
    warmths: ask.warmths,
    reads: readsFor(ask),
    firstInflows,
  });
  return {
    lots: [lot.id],
    parent,
    fromHour,
    liquidLitres: liquid / 1000,
    stages,
    readings: readingsWithin(lot, start, (end - start) / hourMs),
  };
}

/** To a tenth of a millilitre: bottles filled one after the other share a forecast whatever the last digits of their pouring. */
const tenth = (ml: number) => Math.round(ml * 10) / 10;

/** The starter's jar up to the moment of the draw. */
function drawnQuestion(ask: FamilyAsk, pitch: Pitch): DrawnQuestion | null {
  const jar = pitch.fromLotId ? ask.find(pitch.fromLotId) : undefined;
  if (!jar || jar.role !== 'starter') return null;
  const then: Lot = {
    ...jar,
    events: jar.events.filter(({ at, entryId }) => at <= pitch.at && entryId !== pitch.entryId),
  };
  const question = starterQuestion({
    lot: then,
    warmths: ask.warmths,
    learned: null,
    now: pitch.at,
    aheadHours: 0,
    ...(ask.cultures ? { cultures: ask.cultures } : {}),
  });
  return question
    ? {
        ferment: question.ferment,
        settledMass: question.settledMass,
        ripe: question.ripe,
        atHour: question.nowHour,
      }
    : null;
}
