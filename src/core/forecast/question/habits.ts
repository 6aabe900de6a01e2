import { neverAbsent, type UsualAbsence } from '../../kitchen/absence';

/** What a household likes and does, as far as its records tell: the same for all its batches. */
export interface Habits {
  /** How sweet its drinks are liked, g/L as sucrose, and how far its own sips outweigh the plan, 0–1; null without scores. */
  readonly liked: { readonly sweetness: number; readonly share: number } | null;
  /** Whether batch after batch stood warm in its bottles and none was ever felt, heard or read. */
  readonly neverFeels: boolean;
  /** When nobody is ever at the counter. */
  readonly absence: UsualAbsence;
}

/** A household of which nothing is known. */
export const noHabits: Habits = { liked: null, neverFeels: false, absence: neverAbsent };
