import type { Held } from './held';
import type { Hands } from './way-through';
import type { Lengths } from './lengths';

/** A starter that a way draws from. */
export interface DrawsFrom {
  readonly lotId: string;
  /** Hours until it gives as much again. */
  readonly againAfterHours: number;
}

/** One way to meet a wish: with this starter, in this place, so long. */
export interface Way {
  readonly id: string;
  readonly lengths: Lengths;
  /** Nothing can be pitched before, ms: its starter is not there, or the shop not open. */
  readonly readyAt: number;
  readonly drawsFrom: DrawsFrom | null;
  /** Acts before brewing: feeds of a build-up, a waking. */
  readonly actsBefore: number;
}

/** Something to be drunk by a time. */
export interface PlannedWish {
  readonly id: string;
  /** When it is to stand cold, ms. */
  readonly by: number;
  readonly bottles: number;
  /** What was promised counts more: 1 or more. */
  readonly weight: number;
  readonly held: Held;
  readonly ways: readonly Way[];
}

/** What all wishes share. */
export interface Household extends Hands {
  /** Jars that can be brewed in and are empty. */
  readonly jars: number;
  /** Bottles that are empty. */
  readonly bottles: number;
  /** Bottles that the fridge holds, and those that stand in it for now. */
  readonly fridge: number;
  readonly cold: Cold;
}

/** Bottles in the fridge for a time. */
export interface Cold {
  readonly span: readonly [from: number, until: number];
  readonly bottles: number;
}

/** A wish met in one way, pitched at an instant, and what that comes to. */
export interface Choice {
  readonly wishId: string;
  readonly way: Way;
  readonly pitchAt: number;
  /** Chance, 0–1, that it stands cold and good by its time. */
  readonly chance: number;
  /** What it counts: its chance, less a little for work and for standing about. */
  readonly worth: number;
  /** While a jar is taken, and bottles are, ms. */
  readonly jar: readonly [from: number, until: number];
  readonly filled: readonly [from: number, until: number];
  /** Times somebody has hands on it, feeds before and tastes and looks too, in the middling kitchen. */
  readonly acts: number;
  /** While they stand in the fridge, ms. */
  readonly chilled: readonly [from: number, until: number];
  readonly bottles: number;
}
