import type { Contents } from '../matter/contents';
import { portionsContents, type Portion } from '../matter/portion';
import type { Mark, NewLot } from './records/new-lot';
import type { RecipeSnapshot } from './records/recipe-snapshot';
import type { Vessel } from '../vessels/records/vessel';
import type { Closure } from '../vessels/vessel-kinds';
import type { PlaceId } from '../kitchen/places';
import type { SignKind } from './signs';

type Role = NewLot['role'];

/** Steps of its brew day that were taken or skipped, by the step's id. */
type StepsTaken = Readonly<Record<string, { readonly done: boolean; readonly at: number }>>;

export type MeasuredQuantity = 'sg' | 'brix' | 'ph' | 'celsius' | 'gaugeBar' | 'grams' | 'ml';

/** What is scored of a sip, 1 (hardly) to 5 (very); `off` is an off-flavour, `liking` how gladly it is drunk. */
export const tasteKinds = ['sweet', 'sour', 'fizz', 'strength', 'spice', 'aroma', 'off', 'liking'] as const;
export type TasteKind = (typeof tasteKinds)[number];

/** Something read, felt or tasted on a lot. */
export interface LotReading {
  readonly kind: SignKind | MeasuredQuantity | TasteKind;
  readonly value: string | number;
}

/** What is taken along by a transfer. */
export type Taken = 'liquid' | 'everything' | 'solids' | 'sediment';

interface Happened {
  readonly at: number;
  readonly entryId: string;
}

/** One thing in a lot's life, in the order of happening. */
export type LotEvent = Happened &
  (
    | {
        readonly kind: 'added';
        readonly celsius?: number | undefined;
        readonly lostMl: number;
        readonly portions: readonly Portion[];
        /** Whether later feeds are like this one, where it was said. */
        readonly usual?: boolean | undefined;
      }
    | {
        readonly kind: 'came';
        readonly from: string;
        readonly contents: Contents;
        readonly celsius?: number | undefined;
        readonly index: number;
      }
    | {
        readonly kind: 'went';
        readonly to: string | null;
        /** What became of a part that went to no other lot. */
        readonly gone?: Ending | undefined;
        readonly contents: Contents;
        readonly taken: Taken;
        readonly index: number;
      }
    | { readonly kind: 'moved'; readonly place: PlaceId }
    | { readonly kind: 'closed'; readonly closure: Closure }
    | { readonly kind: 'vented'; readonly long: boolean }
    | { readonly kind: 'stirred' }
    | {
        readonly kind: 'read';
        readonly readings: readonly LotReading[];
        readonly by?: string | undefined;
        /** Liquid that a measured level showed to be there beyond what was worked out, ml; below 0 when there was less. */
        readonly foundMl?: number;
      }
    | { readonly kind: 'opened'; readonly how: OpeningKind }
  );

/** What an event moved: an addition is worked out from its portions, since a long journal would not hold them all. */
export const movedBy = (event: Extract<LotEvent, { kind: 'added' | 'came' | 'went' }>): Contents =>
  event.kind === 'added' ? portionsContents(event.portions) : event.contents;

export const openings = ['still', 'gentle', 'lively', 'gusher'] as const;
export type OpeningKind = (typeof openings)[number];

export const endings = ['drunk', 'discarded', 'given', 'dried', 'eaten', 'lost', 'leaked', 'burst'] as const;
export type Ending = (typeof endings)[number];

/** One body of liquid in one vessel, as the journal tells it. Instants are ms since 1970. */
export interface Lot {
  readonly id: string;
  readonly role: Role;
  readonly name: string;
  readonly begunAt: number;
  readonly vessel: Vessel;
  readonly closure: Closure;
  readonly place: PlaceId;
  /** How it was closed and where it stood when it was begun. */
  readonly firstClosure: Closure;
  readonly firstPlace: PlaceId;
  /** Kind of starter: of a starter's jar, or of what a brew was pitched with. */
  readonly culture: string | null;
  readonly recipe: RecipeSnapshot | null;
  /** How its maker chose to care for it, where there is more than one school. */
  readonly schools?: Readonly<Record<string, string>>;
  /** How it is told from the other bottles of its batch, and what is other about it. */
  readonly mark?: Mark;
  readonly variant?: string;
  /** Days it is meant to be chilled after its window's best moment. */
  readonly chillDays?: number;
  readonly steps?: StepsTaken;
  readonly contents: Contents;
  /** Level when filled as begun, ml: the mark to top up to. */
  readonly markMl: number;
  /** Liquid lost to the air between feeds or spilled over the rim, ml. */
  readonly lostMl: number;
  readonly events: readonly LotEvent[];
  readonly opened: { readonly at: number; readonly how: OpeningKind; readonly entryId: string } | null;
  readonly ended: {
    readonly at: number;
    readonly how: Ending;
    readonly why: string;
    readonly entryId: string;
  } | null;
}
