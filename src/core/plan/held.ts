/** What a maker holds, whatever would be better; null is left to the plan. Instants, ms. */
export interface Held {
  readonly pitchAt: number | null;
  /** The way; any where it is not there. */
  readonly wayId: string | null;
  readonly bottleAt: number | null;
  readonly chillAt: number | null;
}

/** Steps that can be held. */
export type HeldSteps = Pick<Held, 'bottleAt' | 'chillAt'>;

export const nothingHeld: Held = { pitchAt: null, wayId: null, bottleAt: null, chillAt: null };

/** Whether anything is held. @example isHeld(nothingHeld) // false */
export const isHeld = (held: Held): boolean => Object.values(held).some((each) => each !== null);
