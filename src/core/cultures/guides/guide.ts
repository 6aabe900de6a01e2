/** What a way begins with: a share of its water by weight, or fixed grams. */
interface WayPart {
  readonly what: string;
  readonly share?: number;
  readonly grams?: number;
  /** It is what somebody has who begins so: not bought. */
  readonly had?: true;
}

/** One way to begin: what it becomes, and amounts to scale to the jar. */
export interface WayToBegin {
  readonly id: string;
  /** As somebody says who has it: what an empty kitchen is asked. Left out where another way of its kind is asked for. */
  readonly have?: string;
  /** Under which name it is offered, with the others of that name. */
  readonly group: string;
  readonly name: string;
  /** A jar that is kept, a packet on the shelf, a ferment of its own, or a part of a batch that is there. */
  readonly makes: 'jar' | 'packet' | 'brew' | 'part';
  /** Water as a share of the jar, and the rest as shares of the water by weight, or in fixed grams. */
  readonly water: number;
  readonly parts: readonly WayPart[];
  readonly place: 'counter' | 'cupboard' | 'fridge';
  /** What to do before anything is measured. */
  readonly before?: string;
}

/** A step of a guided beginning, at a day from the start at 22 °C. */
export interface BeginningStep {
  readonly day: number;
  /** What is done with the jar then; a usual feed comes with its amounts. */
  readonly act: string;
  readonly feeds?: boolean;
  /** What is usually seen by then, and what to do when it is not. */
  readonly see: string;
  readonly unseen?: string;
  /** Looks that say this step is reached, by kind of sign. */
  readonly shownBy?: Readonly<Record<string, readonly string[]>>;
}

/** How a kind is begun, day by day. */
export interface Beginning {
  readonly steps: readonly BeginningStep[];
  /** Day at 22 °C by which it is given up when nothing was seen to live, and why. */
  readonly giveUpDay: number;
  readonly giveUpWhy: string;
}

/** How a kind is begun: its ways, and its first days for those that take some. */
export interface Guide {
  readonly ways: readonly WayToBegin[];
  readonly beginning?: Beginning;
  /** The first days of its dried form. */
  readonly driedBeginning?: Beginning;
}
