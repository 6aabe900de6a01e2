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
  /**
   * Fizz that makers fill such bottles to and keep warm, volumes, from the usual to the most; null where nobody fills them for fizz.
   * The pressure that goes with it counts the air shut in: 3.5 volumes at 22 °C under 4 % headspace are 4.4 bar, not the chart's 3.2.
   */
  readonly usedAtVolumes: readonly [usual: number, most: number] | null;
  /** Share of its strength that a year of use and a knock leave. */
  readonly yearLeaves: number;
  readonly knockLeaves: number;
  readonly source: string;
}

/**
 * Glass as new. Proof loads of a minute for beer bottles lie at 12–16 bar and the mean bottle breaks at some 28; under a load of days
 * glass bears about 0.57 of that (static fatigue, exponent 16). Makes and batches differ: the spread is wide rather than the middle low.
 */
const glass = (
  medianBar: number,
  logSpread: number,
  usedAtVolumes: SoundKind['usedAtVolumes'],
): SoundKind => ({
  medianBar,
  logSpread,
  usedAtVolumes,
  yearLeaves: 0.97,
  knockLeaves: 0.85,
  source:
    'practice: bottles are used at the volumes named and, at the most of them, about one in two thousand is lost; proof loads of a minute as in ISO 7458, less what days under load take (static fatigue)',
});

const beerBottle = glass(16, 0.35, [3, 3.5]);

/** Bottles as new. */
const asNew: Readonly<Partial<Record<VesselId, SoundKind>>> = {
  'swing-top': beerBottle,
  'crown-cap': beerBottle,
  'sparkling-wine': glass(28, 0.32, [6, 7]),
  decorative: glass(1.6, 0.5, null),
  'preserving-jar': glass(2, 0.45, null),
  'plastic-soda': {
    medianBar: 12.5,
    logSpread: 0.15,
    usedAtVolumes: [4, 4.5],
    yearLeaves: 0.97,
    knockLeaves: 0.93,
    source:
      'practice: soda bottles burst at 10–13 bar when new, and swell and creep long before; heat and years make them weaker',
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
 * @example strengthOf('sparkling-wine', { years: 0, knocks: 0 })?.medianBar // 28
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

/**
 * Fizz that makers use bottles of a kind at, volumes: the usual and the most.
 *
 * @returns null for what nobody fills for fizz
 * @source practice of bottling at home
 * @example usedAtVolumes('swing-top') // [3, 3.5]
 */
export const usedAtVolumes = (kind: VesselId): readonly [usual: number, most: number] | null =>
  asNew[kind]?.usedAtVolumes ?? null;
