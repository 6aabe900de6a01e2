import type { StarterKind } from './scenario-kinds';

/** What a dose of a starter brings into a litre of base. */
export interface Culture {
  /** Live yeast, g dry per unit of dose (per ml or per g). */
  readonly yeast: number;
  /** Lactic bacteria, g dry per unit of dose. */
  readonly lactics: number;
  /** Acetic bacteria, g dry per unit of dose. */
  readonly acetics: number;
  /** Work still to do before growth starts, h0 = µmax·lag (Baranyi and Roberts 1994), dimensionless. */
  readonly lagWork: number;
  /** Share of hexose that the lactic bacteria turn heterolactically (with gas). */
  readonly heterolactic: number;
  /** Lactic acid the dose brings, g per ml of dose. */
  readonly lacticAcid: number;
  /** Most live yeast and bacteria can be present without any dose (raw ginger, peel), g/L. */
  readonly bareYeast?: number;
  readonly bareLactics?: number;
  readonly unit: 'ml' | 'g';
}

const ml = (perLitre: number) => perLitre / 1000;

/**
 * Live mass by dose: practice figures that reproduced the times makers report. Ginger bug 1.2 g yeast and 0.12 g bacteria a
 * litre of dose; grains 8.8 and 2.4 mg a gram; dry yeasts 0.7–0.85 g live a gram.
 */
export const cultures: Record<StarterKind, Culture> = {
  'ginger-bug': { yeast: ml(1.2), lactics: ml(0.12), acetics: 0, lagWork: 1.3, heterolactic: 0.5, lacticAcid: ml(4), unit: 'ml' },
  'water-kefir-grains': { yeast: 0.0088, lactics: 0.0024, acetics: 1e-4, lagWork: 0.4, heterolactic: 0.5, lacticAcid: 0, unit: 'g' },
  'water-kefir-liquid': { yeast: ml(0.5), lactics: ml(0.25), acetics: ml(0.01), lagWork: 0.2, heterolactic: 0.5, lacticAcid: ml(3), unit: 'ml' },
  whey: { yeast: ml(0.04), lactics: ml(0.35), acetics: 0, lagWork: 1.5, heterolactic: 0.35, lacticAcid: ml(6), unit: 'ml' },
  wild: { yeast: ml(0.25), lactics: ml(0.08), acetics: ml(0.004), lagWork: 1.0, heterolactic: 0.5, lacticAcid: ml(2), unit: 'ml' },
  bare: { yeast: 0, lactics: 0, acetics: 0, bareYeast: 3e-4, bareLactics: 3e-4, lagWork: 3.0, heterolactic: 0.6, lacticAcid: 0, unit: 'g' },
  'wine-yeast': { yeast: 0.7, lactics: 0, acetics: 0, lagWork: 0.3, heterolactic: 0.5, lacticAcid: 0, unit: 'g' },
  'ale-yeast': { yeast: 0.65, lactics: 0, acetics: 0, lagWork: 0.9, heterolactic: 0.5, lacticAcid: 0, unit: 'g' },
  'bread-yeast': { yeast: 0.85, lactics: 0.001, acetics: 0, lagWork: 0.5, heterolactic: 0.5, lacticAcid: 0, unit: 'g' },
  'tea-mother': { yeast: ml(0.35), lactics: ml(0.05), acetics: ml(0.4), lagWork: 0.8, heterolactic: 0.5, lacticAcid: ml(2), unit: 'ml' },
  'last-batch': { yeast: ml(0.6), lactics: ml(0.1), acetics: ml(0.002), lagWork: 0.8, heterolactic: 0.5, lacticAcid: ml(2), unit: 'ml' },
  none: { yeast: 0, lactics: 0, acetics: 0, lagWork: 1, heterolactic: 0.5, lacticAcid: 0, unit: 'ml' },
}; // prettier-ignore

/** Peel carries more than raw ginger: g dry per litre in all. */
const peel = { yeast: 4e-3, lactics: 2e-3, lagWork: 2.0 };

export interface Inoculum {
  readonly yeast: number;
  readonly lactics: number;
  readonly acetics: number;
  readonly lagWork: number;
  readonly heterolactic: number;
  readonly lacticAcid: number;
}

/**
 * Live mass a dose brings to a litre.
 *
 * Grains share sugar badly when crowded, so their effective amount is 50·(g/50)^0.55.
 *
 * @param kind the starter
 * @param amountPerLitre ml or g per litre of base, 0–500
 * @param onPeel whether the base is peel (for `bare`)
 * @returns g/L of each, and the lag work
 * @source practice figures; see docs/science.md
 * @example inoculum('ginger-bug', 80, false).yeast // ≈ 0.096
 */
export function inoculum(kind: StarterKind, amountPerLitre: number, onPeel: boolean): Inoculum {
  const culture = cultures[kind];
  const { heterolactic } = culture;
  if (kind === 'bare' && onPeel) return { ...peel, acetics: 0, heterolactic, lacticAcid: 0 };
  const dose =
    kind === 'water-kefir-grains' && amountPerLitre > 0
      ? 50 * Math.pow(amountPerLitre / 50, 0.55)
      : amountPerLitre;
  return {
    yeast: culture.bareYeast ?? culture.yeast * dose,
    lactics: culture.bareLactics ?? culture.lactics * dose,
    acetics: culture.acetics * dose,
    lagWork: culture.lagWork,
    heterolactic,
    lacticAcid: culture.lacticAcid * dose,
  };
}
