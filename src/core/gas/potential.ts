import { co2PerSucrose, practicalShare } from '../sugar/yields';
import { gramsPerVolume } from './co2-solubility';

/**
 * Volumes of CO2 one gram of sucrose per litre can make in theory.
 * @example volumesPerSugarGram // ≈ 0.26
 */
export const volumesPerSugarGram = co2PerSucrose / gramsPerVolume;

/**
 * Fizz that all remaining sugar would make if nothing stopped it: what a forgotten bottle heads for.
 *
 * @param sugarGramsPerLitre as sucrose, 0 or more
 * @param presentVolumes already in the bottle
 * @returns volumes, with the practical yield of 94 %
 * @example potentialVolumes(100, 0) // ≈ 24.5
 */
export const potentialVolumes = (sugarGramsPerLitre: number, presentVolumes: number): number =>
  presentVolumes + sugarGramsPerLitre * volumesPerSugarGram * practicalShare;

/**
 * Priming sugar for a wanted fizz in a dry base saturated at the fermenting temperature.
 *
 * @param wantedVolumes 0–5
 * @param presentVolumes dissolved already
 * @returns g/L sucrose, never negative; theoretical yield
 * @example primingSugar(3, 0.82) // ≈ 8.4
 */
export const primingSugar = (wantedVolumes: number, presentVolumes: number): number =>
  Math.max(0, wantedVolumes - presentVolumes) / volumesPerSugarGram;
