import type { BatchState, BottleState, DatedReading } from '../brew/batch-state';
import type { Reading, Scenario, Stage } from '../ferment/scenario';
import { warmthAt, type WarmthStep } from '../journal/household';
import { doseVigour } from '../starter/liveliness';
import type { LearnedVigour } from './learn';
import { coolingHours, fridgeCelsius } from './what-if';

const hourMs = 3_600_000;

/** How far ahead the forecast of a batch looks, hours. */
export const lookAheadHours = { counter: 24 * 8, fridge: 24 * 28 } as const;

/** How the question to the forecast depends on the batch alone. */
export interface BatchQuestion {
  readonly batch: BatchState;
  /** One bottle of those sharing a history, or null for the jar of the first ferment. */
  readonly bottle: BottleState | null;
  readonly warmth: readonly WarmthStep[];
  readonly learned: LearnedVigour;
  readonly now: number;
}

interface Moment {
  readonly at: number;
  readonly celsius?: number;
  readonly burp?: boolean;
}

/**
 * The scenario of a jar or a bottle: its past as the journal tells it, and its future left where it stands at today's
 * temperature.
 *
 * @returns a scenario whose hour 0 is the pitching, or null before pitching. Its end moves in whole half-days, so that a
 *   forecast is not asked anew every minute.
 */
export function batchScenario({ batch, bottle, warmth, learned, now }: BatchQuestion): Scenario | null {
  if (batch.pitchedAt === null) return null;
  const start = batch.pitchedAt;
  const sealed = bottle?.sealedAt ?? null;
  const ahead = lookAheadHours[bottle?.place ?? 'counter'];
  const leftAlone = start + (Math.ceil((now - start) / (12 * hourMs)) * 12 + ahead) * hourMs;
  const end = bottle?.opened ? bottle.opened.at + hourMs : leftAlone;
  const stages = [
    ...stretch(start, sealed ?? end, warmth, null, batch),
    ...(bottle && sealed !== null ? stretch(sealed, end, warmth, bottle, batch) : []),
  ];
  const total = stages.reduce((sum, stage) => sum + stage.hours, 0);
  return {
    schema: 'yuzet.scenario/1',
    liquidLitres: bottle ? (bottle.bottleMl - bottle.headspaceMl) / 1000 : batch.account.batchMl / 1000,
    base: 'ginger-tea',
    citrusMlPerLitre: 0,
    sugars: { sucrose: batch.account.totalGramsPerLitre, glucose: 0, fructose: 0 },
    co2Volumes: 0.05,
    starter: {
      kind: 'ginger-bug',
      amountPerLitre: batch.account.doseShare * 1000,
      unit: 'ml',
      vigour: doseVigour(batch.doseLiveliness) * learned.vigour,
      vigourSpread: learned.spread,
    },
    stages,
    members: 160,
    seed: 7,
    stepHours: total > 500 ? 2 : 1,
    readings: readingsOf(batch, bottle, start, total),
  };
}

/** Stages from one instant to another, cut wherever temperature, place or a burp changes something. */
function stretch(
  from: number,
  to: number,
  warmth: readonly WarmthStep[],
  bottle: BottleState | null,
  batch: BatchState,
): Stage[] {
  // prettier-ignore
  const placeAt = (at: number) => bottle?.moves.filter((move) => move.at <= at).at(-1)?.place ?? 'counter';
  const warmAt = (at: number) => (placeAt(at) === 'fridge' ? fridgeCelsius : warmthAt(warmth, at));
  const inside = (at: number) => at > from && at < to;
  const moments: Moment[] = [
    ...warmth.filter((step) => inside(step.at)).map(({ at }) => ({ at })),
    ...(bottle?.moves ?? []).filter((move) => inside(move.at)).flatMap(({ at }) => chilling(at, warmAt, to)),
    ...(bottle?.burps ?? []).filter(inside).map((at) => ({ at, burp: true })),
    { at: to },
  ].sort((a, b) => a.at - b.at);
  const stages: Stage[] = [];
  let begun = from;
  let celsius = warmAt(from);
  for (const moment of moments) {
    const hours = (moment.at - begun) / hourMs;
    if (hours > 1 / 60) {
      stages.push(stage(hours, celsius, bottle, moment.burp === true, stages.length === 0 ? batch : null));
      begun = moment.at;
    }
    celsius = moment.celsius ?? warmAt(moment.at);
  }
  return stages;
}

/** A bottle moved is between two temperatures for a few hours. */
function chilling(at: number, warmAt: (at: number) => number, to: number): Moment[] {
  const middle = (warmAt(at - 1) + warmAt(at)) / 2;
  const settled = at + coolingHours * hourMs;
  return settled < to ? [{ at, celsius: middle }, { at: settled }] : [{ at, celsius: middle }];
}

function stage(
  hours: number,
  celsius: number,
  bottle: BottleState | null,
  burpAtEnd: boolean,
  first: BatchState | null,
): Stage {
  const priming = bottle && first && first.primingGramsPerLitre > 0 ? first.primingGramsPerLitre : 0;
  return {
    hours,
    vessel: bottle ? 'sealed' : 'airlock',
    celsius,
    headspaceMl: bottle?.headspaceMl ?? 0,
    ...(priming > 0 ? { addSugars: { sucrose: priming, glucose: 0, fructose: 0 } } : {}),
    ventEveryHours: burpAtEnd ? hours : null,
    stirred: false,
  };
}

const hissOf = { still: 'none', gentle: 'faint', lively: 'good', gusher: 'violent' } as const;

function readingsOf(batch: BatchState, bottle: BottleState | null, start: number, total: number): Reading[] {
  const dated: DatedReading[] = [...batch.readings];
  for (const squeeze of bottle?.squeezes ?? [])
    dated.push({ at: squeeze.at, kind: 'squeeze', value: squeeze.feel });
  if (bottle?.opened) {
    const { at, opening, sweet, sour } = bottle.opened;
    dated.push(
      { at, kind: 'hiss', value: hissOf[opening] },
      { at, kind: 'sweet', value: sweet },
      { at, kind: 'sour', value: sour },
    );
  }
  return dated
    .map(({ at, ...reading }) => ({ ...reading, hour: (at - start) / hourMs }) as Reading)
    .filter(({ hour }) => hour >= 0 && hour <= total);
}

/** Bottles that share kind, size and history, and so one forecast; those on the counter first. Squeezes and openings inform the group they belong to. */
export function bottleGroups(batch: BatchState): BottleState[][] {
  const groups = new Map<string, BottleState[]>();
  for (const bottle of batch.bottles) {
    const { vessel, bottleMl, headspaceMl, moves, burps, opened } = bottle;
    const key = JSON.stringify([vessel, bottleMl, headspaceMl, moves, burps, opened !== null]);
    groups.set(key, [...(groups.get(key) ?? []), bottle]);
  }
  const warmFirst = (group: BottleState[]) =>
    Number(group[0]!.opened !== null) * 2 + Number(group[0]!.place === 'fridge');
  return [...groups.values()].sort((a, b) => warmFirst(a) - warmFirst(b));
}

/** One bottle that stands for its group, with everything felt on any of them. */
export function groupBottle(group: readonly BottleState[]): BottleState {
  const squeezes = group.flatMap((bottle) => bottle.squeezes).sort((a, b) => a.at - b.at);
  return { ...group[0]!, squeezes };
}
