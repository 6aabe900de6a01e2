import { gramsPerVolume } from '../../gas/co2-solubility';
import { ClosedVessel } from '../../gas/closed-vessel';
import { abvOfEthanol } from '../../sugar/alcohol';
import { gravityOf } from '../../sugar/ferment-gravity';
import { bases } from '../../ferment/scenario/bases';
import { sweetnessPerGram } from '../../matter/sweetness';
import type { Ferment, LotStage } from '../../ferment/scenario/ferment';
import { slots } from '../../ferment/state/state';
import type { Filling } from '../../ferment/state/ferment-state';
import { closeRow } from '../../ferment/step/vessel-gas';

const {
  ACETIC,
  CO2,
  ETHANOL,
  FRUCTOSE,
  GAS_RATE,
  GLUCONIC,
  GLUCOSE,
  GLYCEROL,
  LACTIC,
  LACTICS,
  PH,
  SUCROSE,
  YEAST,
} = slots;

type Rows = Float32Array | Float64Array;

/** Where a row's liquid is: needed for pressure and dissolved gas. */
export interface RowContext {
  readonly stage: LotStage;
  readonly celsius: number;
  readonly filling: Filling;
  /** What its base holds that no row carries, g/L: it weighs on a hydrometer. */
  readonly still: StillDissolved;
}

export interface StillDissolved {
  readonly acids: number;
  readonly extract: number;
}

/** Fruit acids and extract of a ferment's base: they are neither eaten nor made. */
export function stillDissolved({
  base,
  citric,
  malic,
}: Pick<Ferment, 'base' | 'citric' | 'malic'>): StillDissolved {
  const { citricGramsPerLitre, citrateGramsPerLitre, malicGramsPerLitre, extractGramsPerLitre } = bases[base];
  return {
    acids: citricGramsPerLitre + citrateGramsPerLitre + malicGramsPerLitre + citric + malic,
    extract: extractGramsPerLitre,
  };
}

/** All sugar, g/L. */
export const sugarAt = (r: Rows, at: number): number =>
  r[at + SUCROSE]! + r[at + GLUCOSE]! + r[at + FRUCTOSE]!;

/** Sweetness as grams of sucrose per litre. */
export const sweetnessAt = (r: Rows, at: number): number =>
  r[at + SUCROSE]! +
  sweetnessPerGram.glucose * r[at + GLUCOSE]! +
  sweetnessPerGram.fructose * r[at + FRUCTOSE]!;

/** SG 20/20 of sugar, ethanol, acids, glycerol and the base's extract, gas not counted. */
export const gravityAt = (r: Rows, at: number, { still }: Pick<RowContext, 'still'>): number =>
  gravityOf({
    sugar: sugarAt(r, at),
    ethanol: r[at + ETHANOL]!,
    acids: r[at + LACTIC]! + r[at + ACETIC]! + r[at + GLUCONIC]! + r[at + GLYCEROL]! + still.acids,
    extract: still.extract,
  });

/** All CO2 in the vessel as volumes of the liquid: what is dissolved once it is cold and settled. */
const heldVolumesAt = (r: Rows, at: number): number => r[at + CO2]! / gramsPerVolume;

const closed = new ClosedVessel();

/** CO2 dissolved in the liquid now, volumes. */
export function dissolvedVolumesAt(r: Rows, at: number, { stage, filling, celsius }: RowContext): number {
  const held = heldVolumesAt(r, at);
  if (stage.vessel !== 'sealed' || filling.headspaceRatio === 0) return held;
  return held * closeRow(closed, r, at, filling, celsius).co2Dissolved;
}

/** Gauge pressure, bar; 0 in an unsealed vessel. */
export const gaugeBarAt = (r: Rows, at: number, { stage, filling, celsius }: RowContext): number =>
  stage.vessel === 'sealed' ? closeRow(closed, r, at, filling, celsius).gaugeBar : 0;

/** Alcohol, % by volume at 20 °C, never negative. */
export const abvAt = (r: Rows, at: number): number => abvOfEthanol(r[at + ETHANOL]!);

/** pH as the row holds it, 2–7. */
export const phAt = (r: Rows, at: number): number => r[at + PH]!;

/** Yeast and bacteria, g dry/L. */
export const cellsAt = (r: Rows, at: number): number => r[at + YEAST]! + r[at + LACTICS]!;

/** Acids that the ferment made, g/L. */
export const acidsMadeAt = (r: Rows, at: number): number =>
  r[at + LACTIC]! + r[at + ACETIC]! + r[at + GLUCONIC]!;

/** CO2 being made, g/L/h. */
export const gasRateAt = (r: Rows, at: number): number => r[at + GAS_RATE]!;

/** The series a forecast reports, by name. Units are in the names. */
export const quantities = {
  sg: gravityAt,
  sugarGramsPerLitre: sugarAt,
  sweetnessGramsPerLitre: sweetnessAt,
  co2Volumes: dissolvedVolumesAt,
  heldVolumes: heldVolumesAt,
  gaugeBar: gaugeBarAt,
  abvPercent: abvAt,
  ethanolGramsPerLitre: (r: Rows, at: number) => r[at + ETHANOL]!,
  ph: phAt,
  lacticGramsPerLitre: (r: Rows, at: number) => r[at + LACTIC]!,
  aceticGramsPerLitre: (r: Rows, at: number) => r[at + ACETIC]!,
} as const satisfies Record<string, (r: Rows, at: number, place: RowContext) => number>;

export type Quantity = keyof typeof quantities;

/** Quantities that are sums over a row's numbers: all members at once are added up without a call each, to the same last digit. */
export const sums: { readonly [name in Quantity]?: Sum } = {
  sugarGramsPerLitre: {
    of: [
      [SUCROSE, 1],
      [GLUCOSE, 1],
      [FRUCTOSE, 1],
    ],
  },
  sweetnessGramsPerLitre: {
    of: [
      [SUCROSE, 1],
      [GLUCOSE, sweetnessPerGram.glucose],
      [FRUCTOSE, sweetnessPerGram.fructose],
    ],
  },
  heldVolumes: { of: [[CO2, 1]], over: gramsPerVolume },
  ph: { of: [[PH, 1]] },
};

/** Places of a row with their factors, and what the whole is divided by. */
interface Sum {
  readonly of: readonly (readonly [slot: number, factor: number])[];
  readonly over?: number;
}
