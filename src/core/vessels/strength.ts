import type { VesselId } from './vessel-kinds';

/** What a kind of bottle bursts at under a load of days: a distribution, of which nobody knows the one bottle in the hand. */
export interface Strength {
  /** Half burst below, bar gauge. */
  readonly medianBar: number;
  /** Standard deviation of the logarithm. */
  readonly logSpread: number;
}

/** What a bottle has been through. */
export interface Wear {
  /** Years in use, 0–40. */
  readonly years: number;
  /** Hard knocks, falls and deep scratches noted, 0 or more. */
  readonly knocks: number;
}

interface SoundKind extends Strength {
  /** Share of its strength that a year of use and a knock leave. */
  readonly yearLeaves: number;
  readonly knockLeaves: number;
  readonly source: string;
}

const glass = (medianBar: number, logSpread = 0.24): SoundKind => ({
  medianBar,
  logSpread,
  yearLeaves: 0.97,
  knockLeaves: 0.85,
  source:
    'practice: proof loads of one minute (as in ISO 7458) halved, since glass under load for days bears about half (static fatigue); scratches of use take more',
});

/** Bottles as new. Careful where makers and batches differ: medians are low, spreads wide. */
const asNew: Readonly<Partial<Record<VesselId, SoundKind>>> = {
  'swing-top': glass(8.5),
  'crown-cap': glass(9),
  'sparkling-wine': glass(18),
  decorative: glass(1.6, 0.5),
  'preserving-jar': glass(2, 0.45),
  'plastic-soda': {
    medianBar: 10,
    logSpread: 0.2,
    yearLeaves: 0.93,
    knockLeaves: 0.93,
    source: 'practice: it swells and creeps long before it bursts; heat and years make it weaker',
  },
};

/** Nobody knows how old it is: taken as five years in use. */
export const unknownWear: Wear = { years: 5, knocks: 0 };
/** Use weakens glass at first and hardly more after some years. */
const agesUpTo = 15;

/**
 * Burst pressure of a bottle after what it has been through.
 *
 * @returns null for what is never closed tight
 * @source see the kinds; an estimate that never says a bottle is safe
 * @example strengthOf('sparkling-wine', { years: 0, knocks: 0 })?.medianBar // 18
 */
export function strengthOf(kind: VesselId, { years, knocks }: Wear = unknownWear): Strength | null {
  const sound = asNew[kind];
  if (!sound) return null;
  const worn =
    sound.yearLeaves ** Math.min(agesUpTo, Math.max(0, years)) * sound.knockLeaves ** Math.max(0, knocks);
  return { medianBar: sound.medianBar * worn, logSpread: sound.logSpread };
}

/** Where the figures of a kind are from. */
export const strengthSource = (kind: VesselId): string => asNew[kind]?.source ?? '';
