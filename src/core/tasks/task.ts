import type { RuleLook } from '../forecast/advice/decision-inputs';
import type { ChillWindow } from '../forecast/advice/windows';
import type { LotAnswer } from '../forecast/answer/family-answer';
import type { ColdKeeping } from '../forecast/answer/keeping';
import type { StarterAnswer } from '../forecast/starter/starter-answer';
import type { Household } from '../journal/household';
import type { Lot } from '../lots/lot';
import type { Portion } from '../matter/portion';

/** A span of time on the clock: good from–until, ms since 1970, with soft edges in hours. */
interface Span {
  readonly from: number;
  readonly until: number;
  readonly fromSoftHours: number;
  readonly untilSoftHours: number;
}

export type Verb = 'chill' | 'feed' | 'rest' | 'wake' | 'pitch' | 'bottle' | 'open' | 'tend' | 'discard';

/** Look first, and do what the look says: each result has its own next act. */
export interface TaskRule {
  readonly kind: RuleLook;
  /** What is squeezed, listened to, read or tasted: the soft bottle of a batch speaks for its glass. */
  readonly lot: Lot;
  /** What is done when the look says so. */
  readonly then: 'chill' | 'bottle' | 'strain';
  /** When to look, ms. */
  readonly at: number;
  /** What to do after each result: `then` at an instant, or look again at one. */
  readonly branches: readonly {
    readonly result: string;
    readonly chance: number;
    readonly next: 'act' | 'look';
    readonly at: number;
  }[];
}

/** Why a window lies where it lies: a code for the words. */
export type TaskReason =
  /** Bottles that stand warm: what closes their window, or that they are past it. */
  | ChillWindow['closes']
  | 'limit-before-fizz'
  | 'do-not-handle'
  /** Bottles that stand cold, likewise. */
  | `cold-${ColdKeeping['closes']}`
  | 'cold-do-not-handle'
  | 'settled'
  /** Jars that are fed. */
  | 'hungry'
  | 'resting'
  | 'starved'
  | 'round'
  /** What was planned. */
  | 'build-up'
  | 'away'
  | 'home'
  /** Brews. */
  | 'mixed'
  | 'sweetness'
  /** One that ferments under a closed lid, and is drunk from its jar. */
  | 'closed-jar'
  | 'infusion'
  /** What a hand does every day. */
  | 'stir'
  | 'shake'
  | 'vent'
  | 'spoilt';

/** One thing that needs hands: do this · from–until · because. */
export interface Task extends Span {
  readonly id: string;
  readonly verb: Verb;
  /** The lots it is about, the first giving it its name. */
  readonly lots: readonly Lot[];
  /** Amounts worked out, if it takes any. */
  readonly portions: readonly Portion[];
  /** The feeds of a round, one a jar; a round of stirs, shakes or lids is one act on its lots. */
  readonly parts?: readonly Task[];
  /** The look that decides, where one is worth its trouble; the span is then for who does not look. */
  readonly rule?: TaskRule;
  /** Why the window lies where it lies: a code for the words. */
  readonly reason: TaskReason;
}

/** What the sources of tasks may ask. */
export interface TaskAsk {
  readonly household: Household;
  readonly living: readonly Lot[];
  readonly lotAnswer: (lotId: string) => LotAnswer | null;
  readonly starterAnswer: (lotId: string) => StarterAnswer | null;
  readonly now: number;
}

export type TaskSource = (ask: TaskAsk) => readonly Task[];
