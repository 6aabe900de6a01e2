import { answerFamily } from '../forecast/answer/family-answer';
import type { FamilyQuestion } from '../forecast/question/family-question';
import type { Stepper } from '../ferment/run/stepper';
import { brewDayHours, choicesFor } from './choices';
import type { Busy } from '../kitchen/busy';
import type { FreeHours } from './free-hours';
import { lengthsOf, type Lengths } from './lengths';
import type { LookTool } from './fizz-hours';
import { alternativesOf, remediesOf, type Remedy } from './otherwise';
import { chancesByDay } from './other-days';
import { outlineOf, type Outline } from './outline';
import type { Held } from './held';
import type { Choice, Cold, DrawsFrom, Household, PlannedWish } from './problem';
import { windowsOf, type StepWindow } from './step-windows';
import type { PaceStep } from './pace';
import { schedule } from './schedule';

/** One way to meet a wish, as it is asked: the question of a brew that is only composed. Plain data. */
export interface AskedWay {
  readonly id: string;
  readonly question: FamilyQuestion;
  /** How it is made and meant: bottled as soon as it is pitched; alcohol that it must not pass, % by volume; how sweet it is bottled, g/L as sucrose, null for as its sugar asks; hours that it steeps in the cold first. */
  readonly meant: {
    readonly straight: boolean;
    readonly ceilingPercent: number | null;
    readonly sweetness: number | null;
    readonly pauseHours: number;
  };
  /** Nothing can be pitched before, ms. */
  readonly readyAt: number;
  readonly drawsFrom: DrawsFrom | null;
  /** Acts before brewing. */
  readonly actsBefore: number;
}

interface AskedWish {
  readonly id: string;
  /** When it is to stand cold, ms. */
  readonly by: number;
  readonly bottles: number;
  readonly weight: number;
  readonly held: Held;
  readonly ways: readonly AskedWay[];
}

export interface PlanAsk {
  readonly now: number;
  readonly waking: FreeHours['waking'];
  readonly busy: readonly Busy[];
  /** What this household tells pressure by. */
  readonly look: LookTool;
  /** Heat and cold to come, against the warmth the questions of its ways are asked at. */
  readonly pace: readonly PaceStep[];
  readonly jars: number;
  readonly bottles: number;
  readonly fridge: number;
  readonly cold: Cold;
  readonly wishes: readonly AskedWish[];
}

/** Plans for one wish that differ in something a maker cares about. */
interface Alternative {
  readonly kind: 'surest' | 'soonest' | 'latest' | 'least-work';
  readonly outline: Outline;
}

export interface WishAnswer {
  readonly wishId: string;
  /** In the plan of all wishes; null when it does not fit. */
  readonly chosen: Outline | null;
  readonly alternatives: readonly Alternative[];
  /** The chance of each moment it could be brewed at, in order: for who drags it. */
  readonly moments: readonly { readonly at: number; readonly wayId: string; readonly chance: number }[];
  /** Of the chosen plan: the chance of each hour at which it could be bottled, and chilled: for who draws along a step. */
  readonly windows: readonly StepWindow[];
  /** The best chance by each day around the wished one: for who drags the wish. */
  readonly days: readonly { readonly at: number; readonly chance: number }[];
  readonly remedies: readonly Remedy[];
}

export interface PlanAnswer {
  readonly wishes: readonly WishAnswer[];
  readonly worth: number;
  readonly bound: number;
  readonly proved: boolean;
}

/** Lengths of questions that were answered before, by the question without its instant. */
export type LengthsCache = Map<string, Lengths>;

/** Lengths of a composed brew; some hundred milliseconds unless they are known. @param cache new ones are put into it */
export function lengthsFor(
  { question, meant }: Pick<AskedWay, 'question' | 'meant'>,
  stepper: Stepper,
  cache: LengthsCache,
): Lengths {
  const key = JSON.stringify({ ...question, start: 0, meant });
  const known = cache.get(key);
  if (known) return known;
  const { runs } = answerFamily(question, stepper);
  const [lot] = question.lots;
  const lengths = lengthsOf(runs[0]!, {
    ...meant,
    wantedSweetness: meant.sweetness ?? lot!.wantedSweetness,
    wantedVolumes: lot!.wantedVolumes,
  });
  cache.set(key, lengths);
  return lengths;
}

/**
 * A plan for all wishes: the best schedule by the chance of every plausible kitchen, and for each wish what else could be done, and
 * what would make it fit.
 *
 * @param cache lengths known from before; new ones are put into it
 */
export function answerPlan(ask: PlanAsk, stepper: Stepper, cache: LengthsCache): PlanAnswer {
  const household: Household = {
    now: ask.now,
    free: { waking: ask.waking, busy: ask.busy },
    look: ask.look,
    pace: ask.pace,
    jars: ask.jars,
    bottles: ask.bottles,
    fridge: ask.fridge,
    cold: ask.cold,
  };
  const wishes = ask.wishes.map(({ ways, ...wish }): PlannedWish => ({
    ...wish,
    ways: ways.map(({ question, meant, ...way }) => ({
      ...way,
      lengths: lengthsFor({ question, meant }, stepper, cache),
    })),
  }));
  const every = wishes.map((wish) => choicesFor({ ...wish, held: anyDay(wish) }, household));
  const all = wishes.map((wish, i) => (isOpen(wish) ? every[i]! : choicesFor(wish, household)));
  const found = schedule(all, household, brewDayHours);
  return {
    worth: found.worth,
    bound: found.bound,
    proved: found.proved,
    wishes: wishes.map((each, i) => wishAnswer(each, every[i]!, found.choices, household)),
  };
}

const isOpen = ({ held }: PlannedWish): boolean => held.pitchAt === null && held.wayId === null;

/** What is held, but for the brew day. */
const anyDay = ({ held }: Pick<PlannedWish, 'held'>): Held => ({ ...held, pitchAt: null, wayId: null });

/** What is said of one wish. @param options all that can be chosen for it @param choices of the schedule */
function wishAnswer(
  wish: PlannedWish,
  options: readonly Choice[],
  choices: readonly Choice[],
  household: Household,
): WishAnswer {
  const chosen = choices.find(({ wishId }) => wishId === wish.id) ?? null;
  const others = choices.filter(({ wishId }) => wishId !== wish.id);
  const outline = (choice: Choice) => outlineOf(choice, options, wish, household);
  const chanceThen = (changed: PlannedWish, then: Household) => {
    const own = [...others.map((each) => [each]), choicesFor(changed, then)];
    const { choices: found } = schedule(own, then, brewDayHours);
    // What would make it fit at the cost of another wish does not.
    const keepsOthers = others.every((other) => found.includes(other));
    return (keepsOthers && found.find(({ wishId }) => wishId === wish.id)?.chance) || 0;
  };
  const near = options.filter(({ way }) => !chosen || way === chosen.way);
  return {
    wishId: wish.id,
    chosen: chosen && outline(chosen),
    alternatives: alternativesOf(near, options).map(({ kind, choice }) => ({
      kind,
      outline: outline(choice),
    })),
    moments: options
      .map(({ pitchAt, way, chance }) => ({ at: pitchAt, wayId: way.id, chance }))
      .sort((a, b) => a.at - b.at),
    windows: chosen ? windowsOf(chosen, wish, household) : [],
    days: near[0] ? chancesByDay(near[0].way, wish, household) : [],
    remedies: remediesOf(chosen?.chance ?? 0, wish, household, chanceThen),
  };
}
