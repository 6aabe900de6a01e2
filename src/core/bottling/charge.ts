import { potentialVolumes, volumesPerSugarGram } from '../gas/potential';
import { sealedBottleGas } from '../gas/sealed-bottle';
import { fermentableGrams, volumeOf } from '../matter/substances';
import { portionsContents, type Portion } from '../matter/portion';
import { ethanolYield } from '../sugar/alcohol';
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
  /** As warm as the jar is when it is filled from it. */
  readonly celsius: number;
  /** As warm as it will stand at the most; as the jar when left out. */
  readonly warmestCelsius?: number;
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
  /** Pressure that would be, as warm as it will stand at the most, bar gauge. */
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
      celsius: bottle.warmestCelsius ?? bottle.celsius,
      sealedAtCelsius: bottle.celsius,
      sugarGramsPerLitre: 0,
      ethanolGramsPerLitre: bottle.ethanolGramsPerLitre + ethanolYield * (left + added),
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

/** Sugar that one volume of fizz takes, g/L, in practice. */
const gramsPerWantedVolume = 1 / (volumesPerSugarGram * practicalShare);

/**
 * Sugar that a fizz takes, and what of it is wanting when so much is left to eat.
 *
 * @param leftGramsPerLitre sugar that is left; 0 for a base that is dry, or whose sugar is to stay
 * @returns g/L of sucrose, in practice; below 0 when there is gas, or sugar, enough already
 * @example Math.round(sugarForFizz(3, 0.8, 4).wanting * 10) / 10 // 5
 */
export function sugarForFizz(
  wantedVolumes: number,
  presentVolumes: number,
  leftGramsPerLitre: number,
): { readonly takes: number; readonly wanting: number } {
  const takes = (wantedVolumes - presentVolumes) * gramsPerWantedVolume;
  return { takes, wanting: takes - leftGramsPerLitre };
}

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
