import type { Inflow, LotStage } from '../../ferment/scenario/ferment';
import { celsiusAt, changesWithin, type PlaceId, type Warmths } from '../../kitchen/places';
import { movedBy, type Lot, type LotEvent } from '../../lots/lot';
import { solidsMl } from '../../matter/contents';
import { volumeOf, type Amounts } from '../../matter/substances';
import { type Closure } from '../../vessels/vessel-kinds';
import { hourMs } from '../../duration';
import { keepsGas } from '../../vessels/vessel';

/** Hours in the fridge before opening: the gas needs about two days to dissolve. */
export const settleHours = 48;

/** How long a bottle takes to come near another place's temperature, hours: half-litre glass in still air. Practice. */
export const coolingHours = 3;

/** Access to air of each closure, as the ferment knows it. A loose lid keeps most air out. */
export const vesselStateOf: Readonly<Record<Closure, LotStage['vessel']>> = {
  cloth: 'open',
  'loose-lid': 'airlock',
  airlock: 'airlock',
  sealed: 'sealed',
};

/** How a liquid that comes in is seen by the ferment, given what it lands in. */
export type InflowReader = (event: LotEvent, volumeMl: number) => Omit<Inflow, 'share'> | null;

/** g per litre of an added liquid; malt sugar counts as glucose. */
export function soluteOf(grams: Amounts, ml: number): Omit<Inflow, 'share'> {
  const of = (value: number) => (ml > 0 ? (value / ml) * 1000 : 0);
  return {
    sucrose: of(grams.sucrose),
    glucose: of(grams.glucose + grams.maltose),
    fructose: of(grams.fructose),
    citric: of(grams.citric),
    malic: of(grams.malic),
    lactic: of(grams.lactic),
    acetic: of(grams.acetic),
    ethanol: of(grams.ethanol),
    yeast: 0,
    lactics: 0,
    acetics: 0,
  };
}

interface LotConditions {
  place: PlaceId;
  closure: Closure;
  liquid: number;
}

/** Ml that an event adds to the liquid, or takes. */
export function liquidChange(event: LotEvent): number {
  if (event.kind === 'added') return volumeOf(movedBy(event).liquid) - event.lostMl;
  if (event.kind === 'came') return volumeOf(movedBy(event).liquid);
  if (event.kind === 'read') return event.foundMl ?? 0;
  if (event.kind === 'went') return -volumeOf(movedBy(event).liquid);
  return 0;
}

/** Whether an event changes how the ferment goes on: what is only looked at or tasted does not. */
const changes = (event: LotEvent): boolean => event.kind !== 'read' || Boolean(event.foundMl);

export interface StretchAsk {
  readonly lot: Lot;
  readonly from: number;
  readonly to: number;
  /** Events before the stretch that only set the scene are given by their count. */
  readonly afterEvent: number;
  readonly liquidMl: number;
  readonly warmths: Warmths;
  readonly reads: InflowReader;
  /** What came in as the stretch began. */
  readonly firstInflows?: readonly Inflow[];
  /** How warm the liquid is at the start, when it is not as its place. */
  readonly startCelsius?: number | undefined;
}

/**
 * The stages of a lot from one instant to another, cut wherever its temperature, place, closure, contents or a vent changes
 * something. Stretches under a minute are joined to the next.
 */
export function stretchOf(ask: StretchAsk): LotStage[] {
  const { lot, from, to, warmths } = ask;
  const now = sceneBefore(lot, ask.afterEvent, ask.liquidMl);
  const events = lot.events.slice(ask.afterEvent).filter(({ at }) => at < to);
  const cuts = [
    ...new Set([
      ...events.filter(changes).map(({ at }) => Math.max(from, at)),
      ...warmChanges(now.place, events, warmths, from, to),
      ...settlings(events, from, to),
      to,
    ]),
  ].sort((a, b) => a - b);
  const stages: LotStage[] = [];
  let begun = from;
  let inflows: Inflow[] = [...(ask.firstInflows ?? [])];
  let next = 0;
  let stirred = false;
  let carried: { middle: number; until: number } | null = null;
  for (const cut of cuts) {
    const vents = events
      .slice(next)
      .some((event) => event.kind === 'vented' && Math.max(from, event.at) === cut);
    const hours = (cut - begun) / hourMs;
    if (hours > 1 / 60) {
      const celsius =
        carried && begun < carried.until ? carried.middle : celsiusAt(warmths, now.place, begun);
      stages.push({
        ...stageOf(lot, now, hours, celsius, vents, inflows),
        ...(stirred ? { stirredOnce: true } : {}),
      });
      begun = cut;
      inflows = [];
      stirred = false;
    }
    for (let event = events[next]; event && Math.max(from, event.at) <= cut; event = events[++next]) {
      if (event.kind === 'moved' && event.place !== now.place) {
        carried = {
          middle: (celsiusAt(warmths, now.place, event.at) + celsiusAt(warmths, event.place, event.at)) / 2,
          until: event.at + coolingHours * hourMs,
        };
      }
      const inflow = happen(now, event, ask);
      if (inflow) inflows.push(inflow);
      if (event.kind === 'stirred') stirred = true;
    }
  }
  return ask.startCelsius === undefined ? stages : cooledFrom(stages, ask.startCelsius, ask.liquidMl);
}

/** Time constant of five litres in a lidded jar or pot, hours; smaller ones are quicker by the cube root of their volume. */
const coolingOfFiveLitres = 2.8;
/** Degrees within which a base counts as cooled. */
const cooledWithin = 3;

/** Where the pieces of a cooling end, in time constants; past the last it has cooled. */
const coolingEdges = [0.3, 0.7, 1.3, 2.2, 3.5];

/** The same stages of a liquid that begins warmer or colder than its place: Newton's cooling, in pieces. */
export function cooledFrom(stages: readonly LotStage[], startCelsius: number, liquidMl: number): LotStage[] {
  const place = stages[0]?.celsius ?? startCelsius;
  if (Math.abs(startCelsius - place) <= cooledWithin) return [...stages];
  const constant = coolingOfFiveLitres * Math.cbrt(liquidMl / 5000);
  const edges = coolingEdges.map((edge) => edge * constant);
  const out: LotStage[] = [];
  let from = 0;
  for (const stage of stages) {
    const to = from + stage.hours;
    const cuts = [...edges.filter((edge) => edge > from + 1 / 60 && edge < to - 1 / 60), to];
    let begun = from;
    for (const [i, cut] of cuts.entries()) {
      const left = meanLeft(begun / constant, cut / constant);
      const { inflows: _cameIn, stirredOnce: _stirred, ...later } = stage;
      out.push({
        ...(i === 0 ? stage : later),
        hours: cut - begun,
        celsius: Math.min(45, stage.celsius + (startCelsius - place) * left),
      });
      begun = cut;
    }
    from = to;
  }
  return out;
}

/** Mean of e^−t between two times, 0 past the last piece. */
const meanLeft = (from: number, to: number): number =>
  from >= 3.5 ? 0 : (Math.exp(-from) - Math.exp(-to)) / (to - from);

/** The scene before an event of the lot's life. */
function sceneBefore(lot: Lot, count: number, liquid: number): LotConditions {
  const scene: LotConditions = { place: lot.firstPlace, closure: lot.firstClosure, liquid };
  for (const event of lot.events.slice(0, count)) {
    if (event.kind === 'moved') scene.place = event.place;
    if (event.kind === 'closed') scene.closure = event.closure;
  }
  return scene;
}

/** Lets an event change the scene; what comes in is returned. */
function happen(now: LotConditions, event: LotEvent, ask: StretchAsk): Inflow | null {
  if (event.kind === 'moved') now.place = event.place;
  if (event.kind === 'closed') now.closure = event.closure;
  const change = liquidChange(event);
  const came = event.kind === 'added' || event.kind === 'came' ? volumeOf(movedBy(event).liquid) : 0;
  const solute = came > 0 ? ask.reads(event, came) : null;
  now.liquid = Math.max(1, now.liquid + change);
  return solute ? { ...solute, share: Math.min(1, came / Math.max(came, now.liquid)) } : null;
}

function stageOf(
  lot: Lot,
  now: LotConditions,
  hours: number,
  celsius: number,
  vents: boolean,
  inflows: Inflow[],
): LotStage {
  const headspaceMl = Math.max(
    0,
    Math.round((lot.vessel.ml - now.liquid - solidsMl(lot.contents)) * 10) / 10,
  );
  return {
    hours,
    celsius,
    headspaceMl,
    // A jar's lid seeps: it keeps the air out, and little of the gas in.
    vessel:
      now.closure === 'sealed' && !keepsGas(lot.vessel, 'sealed') ? 'airlock' : vesselStateOf[now.closure],
    ventEveryHours: vents ? hours : null,
    stirred: false,
    liquidMl: now.liquid,
    ...(inflows.length > 0 ? { inflows } : {}),
  };
}

/** Changes that a maker may have typed; more come from a thermometer that writes by itself. */
const mostTyped = 200;

/** Many changes are taken an hour apart: a liquid follows no faster, and every one would be a stage. */
function hourly(changes: readonly number[]): readonly number[] {
  if (changes.length <= mostTyped) return changes;
  let last = -Infinity;
  return changes.filter((at) => {
    if (at - last < hourMs) return false;
    last = at;
    return true;
  });
}

/** Instants at which the temperature of the place it stood at changed. */
function warmChanges(
  first: PlaceId,
  events: readonly LotEvent[],
  warmths: Warmths,
  from: number,
  to: number,
): readonly number[] {
  const cuts: number[] = [];
  let place = first;
  let begun = from;
  for (const event of events) {
    if (event.kind !== 'moved') continue;
    cuts.push(...changesWithin(warmths, place, begun, event.at));
    begun = Math.max(from, event.at);
    place = event.place;
  }
  return hourly([...cuts, ...changesWithin(warmths, place, begun, to)]);
}

/** Ends of the hours a carried vessel takes to come to its new temperature. */
const settlings = (events: readonly LotEvent[], from: number, to: number): number[] =>
  events
    .filter((event) => event.kind === 'moved')
    .map(({ at }) => at + coolingHours * hourMs)
    .filter((at) => at > from && at < to);
