import { potentialVolumes, primingSugar, volumesPerSugarGram } from '../gas/potential';
import { sealedBottleGas } from '../gas/sealed-bottle';
import { fermentableGrams, volumeOf } from '../matter/substances';
import { portionsContents, type Portion } from '../matter/portion';
import { practicalShare } from '../sugar/yields';

/** One bottle as it is filled: what the first ferment left in its liquid, and what is dosed. */
export interface BottleCharge {
  /** Liquid from the jar. */
  readonly fillMl: number;
  readonly bottleMl: number;
  /** Sugar the first ferment left, g/L: the middle of the forecast. */
  readonly leftGramsPerLitre: number;
  /** Gas the jar's liquid holds already, volumes. */
  readonly presentVolumes: number;
  /** Ethanol it holds, g/L. */
  readonly ethanolGramsPerLitre: number;
  /** What is dosed into this bottle. */
  readonly portions: readonly Portion[];
  readonly celsius: number;
}

export interface Charged {
  readonly liquidMl: number;
  readonly headspaceMl: number;
  /** Sugar in the bottle: what was left and what is dosed, g/L of what is then in it. */
  readonly sugarGramsPerLitre: number;
  readonly leftGramsPerLitre: number;
  readonly dosedGramsPerLitre: number;
  /** Fizz it would come to if everything were to ferment. */
  readonly potentialVolumes: number;
  /** Pressure that would be, at the temperature it stands at, bar gauge. */
  readonly potentialBar: number;
}

/**
 * What is in a bottle and what all of it could do: the sugar the first ferment left counts too.
 *
 * @returns grams per litre of the bottle's liquid, volumes and bar; the pressure is that of an unbreakable bottle
 */
export function chargeOf(bottle: BottleCharge): Charged {
  const dosed = portionsContents(bottle.portions).liquid;
  const liquidMl = bottle.fillMl + volumeOf(dosed);
  const headspaceMl = Math.max(bottle.bottleMl * 0.01, bottle.bottleMl - liquidMl);
  const left = (bottle.leftGramsPerLitre * bottle.fillMl) / liquidMl;
  const added = (1000 * fermentableGrams(dosed)) / liquidMl;
  const present = (bottle.presentVolumes * bottle.fillMl) / liquidMl;
  const volumes = potentialVolumes(left + added, present);
  const { gaugeBar } = sealedBottleGas(
    {
      liquidMl,
      headspaceMl,
      celsius: bottle.celsius,
      sealedAtCelsius: bottle.celsius,
      sugarGramsPerLitre: 0,
      ethanolGramsPerLitre: bottle.ethanolGramsPerLitre + 0.48 * (left + added),
    },
    Math.min(30, volumes),
  );
  return {
    liquidMl,
    headspaceMl,
    sugarGramsPerLitre: left + added,
    leftGramsPerLitre: left,
    dosedGramsPerLitre: added,
    potentialVolumes: volumes,
    potentialBar: Math.max(0, gaugeBar),
  };
}

/**
 * Sugar to dose for a wanted fizz, g a bottle, over what the first ferment left to eat.
 *
 * @param spareGramsPerLitre sugar that is left and meant to be eaten; 0 for a base that is dry, or whose sugar is to stay
 * @returns grams of sucrose for this bottle, never negative
 * @example Math.round(doseFor(3, 0.8, 0, 500) * 10) / 10 // 4.5
 */
export function doseFor(
  wantedVolumes: number,
  presentVolumes: number,
  spareGramsPerLitre: number,
  liquidMl: number,
): number {
  const needed = primingSugar(wantedVolumes, presentVolumes) / practicalShare.co2;
  return (Math.max(0, needed - spareGramsPerLitre) * liquidMl) / 1000;
}

/** Sugar that one volume of fizz takes, g/L, in practice. */
export const gramsPerWantedVolume = 1 / (volumesPerSugarGram * practicalShare.co2);

/** A dose tried in a weighed sample, scaled to a bottle: as strong there as in the sample. */
export function scaledDose(dose: Portion, sampleMl: number, bottleMl: number): Portion {
  const by = bottleMl / sampleMl;
  const { typed: _typed, ...rest } = dose;
  return {
    ...rest,
    ...(dose.grams !== undefined ? { grams: Math.round(dose.grams * by * 10) / 10 } : {}),
    ...(dose.ml !== undefined ? { ml: Math.round(dose.ml * by * 10) / 10 } : {}),
  };
}
