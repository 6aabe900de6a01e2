import { formatISO } from 'date-fns/formatISO';
import { hourIndexAt } from '../../src/core/forecast/run/hour-index.ts';
import { valuesOverTime } from '../../src/core/forecast/read-off/quantiles.ts';
import { quantileLevels, weightedQuantiles } from '../../src/core/forecast/read-off/weighted-quantiles.ts';
import type { Quantity } from '../../src/core/forecast/run/quantities.ts';
import type { StoredRun } from '../../src/core/forecast/run/stored-run.ts';
import { everyLot, type Household } from '../../src/core/journal/household.ts';
import { celsiusAt } from '../../src/core/kitchen/places.ts';
import { limitOf } from '../../src/core/settings/wear-of-makes.ts';
import { isLiving } from '../../src/core/lots/lineage.ts';
import type { Lot } from '../../src/core/lots/lot.ts';
import { liquidMl } from '../../src/core/matter/contents.ts';
import { agenda } from '../../src/core/tasks/agenda.ts';
import type { Task } from '../../src/core/tasks/task.ts';

import { cardWords } from '../../src/words/tasks/card-words.ts';
import { answersOf, type Answers } from './answers.ts';
import { hourMs } from '../../src/core/duration.ts';
import { keepsGas } from '../../src/core/vessels/vessel.ts';

type Five = readonly number[];

/** What a result of a look leads to. */
export interface TodayBranch {
  readonly sense: string;
  readonly result: string;
  readonly verb: 'chill' | 'bottle' | 'strain' | 'look';
  readonly at: string | null;
}

export interface TodayTask {
  readonly id: string;
  readonly verb: string;
  readonly lots: readonly string[];
  readonly from: string;
  readonly until: string | null;
  readonly lateHours: number;
  readonly headline: string;
  readonly reason: string;
  readonly caution: string | null;
  readonly amounts: readonly { readonly what: string; readonly grams?: number; readonly ml?: number }[];
  readonly chance: number | null;
  readonly rule: readonly TodayBranch[];
}

interface TodayLot {
  readonly id: string;
  readonly name: string;
  readonly role: Lot['role'];
  readonly stage: string;
  readonly litres: number;
  readonly place: string;
  readonly celsius: number;
  readonly sugarGramsPerLitre: Five | null;
  readonly co2Volumes: Five | null;
  readonly gaugeBar: Five | null;
  readonly abvPercent: Five | null;
  readonly ph: Five | null;
  readonly liveliness: Five | null;
  readonly limitBar: number | null;
  readonly burstChance: number | null;
}

export interface Today {
  readonly schema: 'yuzet.today/1';
  readonly at: string;
  readonly tasks: readonly TodayTask[];
  readonly lots: readonly TodayLot[];
}

const iso = (at: number): string => formatISO(at);
const short = (value: number): number => Number(value.toPrecision(4));

/**
 * The Today page of a household at an instant, as data: its tasks in their order, and how each lot stands.
 *
 * @param now ms
 * @returns the same for the same household and instant, to the byte
 */
export function todayOf(household: Household, now: number): Today {
  const living = everyLot(household).filter(
    (lot) => isLiving(lot) || (lot.role === 'bottle' && !lot.opened && !lot.ended),
  );
  const answers = answersOf(household, living, now);
  const tasks = agenda({
    household,
    living,
    lotAnswer: (id) => answers.lots.get(id) ?? null,
    starterAnswer: (id) => answers.starters.get(id) ?? null,
    now,
  });
  return {
    schema: 'yuzet.today/1',
    at: iso(now),
    // Each jar of a round by itself, with its own amounts.
    tasks: tasks.flatMap((task) =>
      (task.parts ?? [task]).map((part) => taskOf(part, household, answers, now)),
    ),
    lots: living.map((lot) => lotOfToday(lot, household, answers, now)),
  };
}

function taskOf(task: Task, household: Household, answers: Answers, now: number): TodayTask {
  const advice = answers.lots.get(task.lots[0]!.id)?.advice;
  const { rule } = task;
  const said = cardWords(task, household, answers.lots.get(task.lots[0]!.id) ?? null, now);
  return {
    id: task.id,
    verb: rule ? 'look' : verbOf(task),
    lots: task.lots.map(({ id }) => id),
    from: iso(rule ? rule.at : task.from),
    until: Number.isFinite(task.until) ? iso(Math.max(task.until, rule?.at ?? -Infinity)) : null,
    lateHours: short(Math.max(0, (now - task.until) / hourMs)),
    headline: said.title,
    reason: said.why,
    caution: said.caution,
    amounts: task.portions.map(({ what, grams, ml }) => ({
      what,
      ...(grams === undefined ? {} : { grams }),
      ...(ml === undefined ? {} : { ml }),
    })),
    chance: task.verb === 'chill' && advice ? short(advice.chill.good) : null,
    rule: (rule?.branches ?? []).map(({ result, next, at }) => ({
      sense: `${rule!.kind} ${rule!.lot.id}`,
      result,
      verb: next === 'look' ? next : rule!.then,
      at: iso(at),
    })),
  };
}

/** What is done to a first ferment or a wild starter every day or taken out of it; a drink in its jar is chilled. */
function verbOf({ verb, reason }: Task): string {
  if (verb === 'tend') return reason === 'infusion' ? 'strain-out' : reason;
  return reason === 'closed-jar' ? 'chill' : verb;
}

function stageOf(lot: Lot): string {
  if (lot.role === 'bottle') return lot.place === 'fridge' ? 'chilled' : 'conditioning';
  if (lot.role === 'starter') return lot.place === 'fridge' ? 'resting' : 'kept';
  return lot.place === 'fridge' ? 'cold' : 'fermenting';
}

function lotOfToday(
  lot: Lot,
  household: Household,
  { lots, starters, runs }: Answers,
  now: number,
): TodayLot {
  const answer = lots.get(lot.id);
  const starter = starters.get(lot.id);
  const run = runs.get(lot.id);
  const hour = answer ? (now - answer.start) / hourMs : 0;
  const of = (quantity: Quantity): Five | null => (run ? fiveAt(run, quantity, hour) : null);
  const sealed = keepsGas(lot.vessel, lot.closure);
  const failure = answer?.pressure?.failure ?? [];
  return {
    id: lot.id,
    name: lot.name,
    role: lot.role,
    stage: stageOf(lot),
    litres: short(liquidMl(lot.contents) / 1000),
    place: lot.place,
    celsius: short(celsiusAt(household.warmths, lot.place, now)),
    sugarGramsPerLitre: starter
      ? starter.sugar[hourIndexAt(starter.hours, (now - starter.start) / hourMs)]!.map(short)
      : of('sugarGramsPerLitre'),
    co2Volumes: of('heldVolumes'),
    gaugeBar: sealed ? of('gaugeBar') : null,
    abvPercent: of('abvPercent'),
    ph: of('ph'),
    liveliness: starter ? starter.now.map(short) : null,
    limitBar: sealed ? limitOf(lot.vessel, household) : null,
    burstChance:
      answer && failure.length > 0
        ? short(failure[hourIndexAt(answer.hours, hour)] ?? failure.at(-1)!)
        : null,
  };
}

const fiveAt = (run: StoredRun, quantity: Quantity, hour: number): Five =>
  weightedQuantiles(
    valuesOverTime(run, quantity)[hourIndexAt(run.hours, hour)]!,
    run.weights,
    quantileLevels,
  ).map(short);
