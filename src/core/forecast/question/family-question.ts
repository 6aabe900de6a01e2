import { knownCultures, type CultureTable } from '../../cultures/registry';
import type { Inflow, Ferment } from '../../ferment/scenario/ferment';
import { type Warmths } from '../../kitchen/places';
import type { HasSettings } from '../../settings/settings';
import { drawnFrom, pitchOf, type LotFinder, type Pitch } from '../../lots/pitch';
import { movedBy, type Lot } from '../../lots/lot';
import { volumeOf } from '../../matter/substances';
import type { Branch, Family } from '../run/family';
import { endOf, jarEnd, membersOf } from './family-members';
import type { Habits } from './habits';
import type { Learned } from '../ensemble/lessons';
import { liquidChange, soluteOf, stretchOf } from './lot-stages';
import { readingsWithin } from './lot-readings';
import { cameIn } from './living-liquid';
import { readsFor, rootFerment, type Came } from './root-ferment';
import { starterQuestion, type DrawnQuestion } from './starter-question';
import { isUnderPressure, lotAsk, type LotAsk } from './lot-ask';
import { hourMs } from '../../duration';

/** A whole family as one question: plain data, the same for the same history. */
export interface FamilyQuestion {
  readonly rootId: string;
  /** Instant of hour 0, ms since 1970. */
  readonly start: number;
  readonly family: Family;
  readonly lots: readonly LotAsk[];
  /** The jar the dose came from, as it was then. */
  readonly drawn: DrawnQuestion | null;
  /** Whether to work out chances to the last point (see answer/refine.ts), however long it takes. */
  readonly refined?: true;
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
  readonly household?: HasSettings;
  /** What it likes and does; nothing known when left out. */
  readonly habits?: Habits;
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
  const rootPart = rootFerment(
    ask,
    pitch,
    jarEnd(root, start, ask.now, pitch.culture.brewsDays),
    (event: Came) => cameIn(event, ask),
  );
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
    family: { root: { ...rootPart, members: kitchensFor(rootPart, branches) }, lots: [root.id], branches },
    lots: besideBurst(lots, tree),
    drawn: drawnQuestion(ask, pitch),
  };
}

/** Branches that are followed with all kitchens; and kitchens that the bottles of a great batch of unlike ones have at least. */
const withAll = 12;
const leastKitchens = 144;

/** Fewer kitchens for a batch of very many unlike bottles: what each of them gets is seldom looked at, and all are worked out. */
const kitchensFor = ({ members }: Ferment, { length }: readonly Branch[]): number =>
  Math.min(members, Math.max(leastKitchens, Math.round((members * withAll) / Math.max(withAll, length))));

/** Marks what is sealed beside a bottle of the batch that burst: the same liquid, as long closed. */
function besideBurst(lots: readonly LotAsk[], tree: readonly Lot[]): readonly LotAsk[] {
  const burst = tree.some(({ ended }) => ended?.how === 'burst');
  return burst ? lots.map((ask) => (ask.limitBar === null ? ask : { ...ask, burstBeside: true })) : lots;
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
    reads: readsFor(ask, (event: Came) => cameIn(event, ask)),
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
  // What came after the draw in its very minute, such as the next feed, had not happened. Of what is only composed nothing is drawn yet.
  const drawn = jar.events.findIndex(({ entryId }) => entryId === pitch.entryId);
  const events = jar.events.filter(({ at }, i) => at <= pitch.at && (drawn < 0 || i < drawn));
  const then: Lot = { ...jar, events };
  const question = starterQuestion({
    lot: then,
    warmths: ask.warmths,
    learned: null,
    now: pitch.at,
    aheadHours: 0,
    came: (event) => cameIn(event, ask),
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
