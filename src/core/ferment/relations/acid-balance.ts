import { molar } from '../../sugar/yields';

const ln10: number = Math.LN10;

/** 10^−pK, mol/L. */
function dissociation(pK: number): number {
  return Math.exp(-pK * ln10);
}

/** Dissociation constants at 25 °C (CRC Handbook, 97th ed.). */
const lacticK = dissociation(3.86);
const aceticK = dissociation(4.756);
const citricK1 = dissociation(3.13);
const citricK2 = dissociation(4.76);
const citricK3 = dissociation(6.4);
const malicK1 = dissociation(3.4);
const malicK2 = dissociation(5.11);
const carbonicK = dissociation(6.35);
const waterK: number = 1e-14;

/** Share of lactic acid that stands as lactate at a pH, 0–1. @example lactateShare(3.86) // 0.5 */
export const lactateShare = (ph: number): number => lacticK / (lacticK + Math.exp(-ph * ln10));

const citricMolar: number = 192.12;
const malicMolar: number = 134.09;
const perLactic = 1 / molar.lactic;
const perAcetic = 1 / molar.acetic;
const perCitric = 1 / citricMolar;
const perMalic = 1 / malicMolar;

/** What sets the pH, g/L of each acid, mol/L of CO2, equivalents/L of mineral charge. */
export class AcidMix {
  lactic: number = 0;
  acetic: number = 0;
  citric: number = 0;
  malic: number = 0;
  co2Moles: number = 0;
  mineralCharge: number = 0;
}

/**
 * pH at which the charges of acids and minerals balance: Newton steps in ln H, held to one pH unit a step.
 *
 * Activities are taken as concentrations (drinks are dilute: about 0.05 pH low).
 *
 * @param mix g/L, mol/L and equivalents/L; none negative but the mineral charge
 * @param guess a pH near the answer: the last one, for a warm start
 * @param tolerance pH; Newton's steps square the error, so they stop when the square of one is below it
 * @returns pH 1.5–9, within the tolerance for any mix
 * @source charge balance; constants as cited
 * @example acidity({ lactic: 2, acetic: 0, citric: 0, malic: 0, co2Moles: 0, mineralCharge: 0 }, 4) // ≈ 2.77
 */
export function acidity(mix: AcidMix, guess: number, tolerance: number = 0.002): number {
  const lactic = mix.lactic * perLactic;
  const acetic = mix.acetic * perAcetic;
  const citric = mix.citric * perCitric;
  const malic = mix.malic * perMalic;
  const carbonic = mix.co2Moles * carbonicK;
  let ph = guess;
  for (let i = 0; i < 30; i++) {
    const h = Math.exp(-ph * ln10);
    const perH = 1 / h;
    const a = lacticK / (lacticK + h);
    const b = aceticK / (aceticK + h);
    const c1 = citricK1 * perH;
    const c2 = c1 * citricK2 * perH;
    const c3 = c2 * citricK3 * perH;
    const perCitrate = 1 / (1 + c1 + c2 + c3);
    const citricCharge = (c1 + 2 * c2 + 3 * c3) * perCitrate;
    const citricSquare = (c1 + 4 * c2 + 9 * c3) * perCitrate;
    const m1 = malicK1 * perH;
    const m2 = m1 * malicK2 * perH;
    const perMalate = 1 / (1 + m1 + m2);
    const malicCharge = (m1 + 2 * m2) * perMalate;
    const malicSquare = (m1 + 4 * m2) * perMalate;
    const bases = (waterK + carbonic) * perH;
    // Surplus of positive charge, and how fast it grows with ln H.
    const surplus = mix.mineralCharge + h - bases - lactic * a - acetic * b - citric * citricCharge - malic * malicCharge; // prettier-ignore
    const slope =
      h +
      bases +
      lactic * a * (1 - a) +
      acetic * b * (1 - b) +
      citric * (citricSquare - citricCharge * citricCharge) +
      malic * (malicSquare - malicCharge * malicCharge);
    const move = Math.max(-1, Math.min(1, surplus / slope / ln10));
    ph += move;
    if (move * move * ln10 < tolerance) break;
  }
  return Math.max(1.5, Math.min(9, ph));
}
