import { signs } from '../../ferment/scenario/scenario-kinds';
import { lotSigns } from '../../lots/signs';

export interface OrdinalScale {
  readonly words: readonly (string | number)[];
  /** Values of the latent quantity between one word and the next. */
  readonly edges: readonly number[];
  readonly error: number;
}

const fiveSteps = [1, 2, 3, 4, 5];

/**
 * What the signs mean: edges on gauge bar (squeeze, lid, hiss), on the logarithm of gas made in mg/L/h (foam, bubbles), on
 * g/L of sweetness, on pH turned round (sour), on volumes dissolved (fizz), on percent alcohol (strength), on the logarithm
 * of g/L of cells (sediment, grains), on the logarithm of gas turned round (a film grows where little rises), and on g/L of
 * the acids made (smell). Household practice, each with a wide error. Words that tell of care and not of speed (fuzz, solvent, foul) are left out: they weigh nothing.
 */
export const ordinalScales = {
  squeeze: { words: signs.squeeze, edges: [0.3, 0.9, 1.8], error: 0.28 },
  lid: { words: signs.lid, edges: [0.12, 0.5], error: 0.15 },
  hiss: { words: signs.hiss, edges: [0.12, 0.7, 2.2], error: 0.3 },
  foam: { words: signs.foam, edges: [Math.log(30), Math.log(150), Math.log(450)], error: 0.6 },
  bubbles: { words: signs.bubbles, edges: [Math.log(40), Math.log(250)], error: 0.6 },
  sweet: { words: fiveSteps, edges: [15, 32, 55, 82], error: 11 },
  sour: { words: fiveSteps, edges: [-3.9, -3.45, -3.1, -2.85], error: 0.25 },
  fizz: { words: fiveSteps, edges: [0.9, 1.7, 2.5, 3.3], error: 0.5 },
  strength: { words: fiveSteps, edges: [0.4, 1, 2, 4], error: 0.8 },
  sediment: { words: lotSigns.sediment, edges: [Math.log(0.12), Math.log(0.5)], error: 0.7 },
  grains: { words: lotSigns.grains, edges: [Math.log(0.15), Math.log(0.25), Math.log(0.6)], error: 0.9 },
  film: { words: lotSigns.film.slice(0, 3), edges: [-Math.log(25), -Math.log(8)], error: 1.2 },
  smell: { words: lotSigns.smell.slice(0, 4), edges: [0.3, 1.5, 5], error: 0.8 },
} as const satisfies Record<string, OrdinalScale>;

export type OrdinalKind = keyof typeof ordinalScales;

export const isOrdinal = (kind: string): kind is OrdinalKind => kind in ordinalScales;
