import type { Culture } from '../../cultures/culture';
import { lactateShare } from '../relations/acid-balance';
import type { Base } from './bases';

/** Live mass in a litre of base, and how it wakes. */
export interface Inoculum {
  readonly yeast: number;
  readonly lactics: number;
  readonly acetics: number;
  readonly lagWork: number;
  readonly heterolactic: number;
  readonly lacticAcid: number;
  /** Share of its lactic acid that comes as a salt, 0–1. */
  readonly saltShare: number;
}

const nobody: Inoculum = {
  yeast: 0,
  lactics: 0,
  acetics: 0,
  lagWork: 1,
  heterolactic: 0.5,
  lacticAcid: 0,
  saltShare: 0,
};

/**
 * Live mass a dose brings to a litre. A crowded culture shares its sugar badly: above its reference the
 * effective amount is reference·(amount/reference)^power.
 *
 * @param culture null for nothing alive
 * @param amountPerLitre ml or g per litre of base, 0–1000
 * @param base what the culture lands in: some carry life of their own
 * @returns g/L of each, and the lag work
 * @source practice figures of the culture's file; see docs/science.md
 */
export function inoculum(culture: Culture | null, amountPerLitre: number, base: Base): Inoculum {
  if (!culture) return nobody;
  const { heterolactic, crowding, bare } = culture;
  if (bare && base.carries) return { ...base.carries, acetics: 0, heterolactic, lacticAcid: 0, saltShare: 0 };
  const dose =
    crowding && amountPerLitre > crowding.reference
      ? crowding.reference * (amountPerLitre / crowding.reference) ** crowding.power
      : amountPerLitre;
  return {
    yeast: bare ? bare.yeast : culture.yeast * dose,
    lactics: bare ? bare.lactics : culture.lactics * dose,
    acetics: culture.acetics * dose,
    lagWork: culture.lagWork,
    heterolactic,
    lacticAcid: culture.lacticAcid * dose,
    saltShare: culture.liquidPh === undefined ? 0 : lactateShare(culture.liquidPh),
  };
}
