import { molar } from '../sugar/yields';

/** Dissociation constants at 25 °C, mol/L (CRC Handbook, 97th ed.). */
const lacticK = 10 ** -3.86;
const aceticK = 10 ** -4.756;
const citricK1 = 10 ** -3.13;
const citricK2 = 10 ** -4.76;
const citricK3 = 10 ** -6.4;
const malicK1 = 10 ** -3.4;
const malicK2 = 10 ** -5.11;
const carbonicK = 10 ** -6.35;
const waterK = 1e-14;

const citricMolar = 192.12;
const malicMolar = 134.09;
const ln10 = Math.LN10;
const perLactic = 1 / molar.lactic;
const perAcetic = 1 / molar.acetic;
const perCitric = 1 / citricMolar;
const perMalic = 1 / malicMolar;

/** What sets the pH, g/L of each acid, mol/L of CO2, equivalents/L of mineral charge. */
export interface AcidMix {
  lactic: number;
  acetic: number;
  citric: number;
  malic: number;
  co2Moles: number;
  mineralCharge: number;
}

let slope = 0;

/** Surplus of positive charge at that hydrogen ion activity; leaves d(charge)/d(ln H) in `slope`. */
function charge(h: number, mix: AcidMix): number {
  const lactic = mix.lactic * perLactic;
  const acetic = mix.acetic * perAcetic;
  const citric = mix.citric * perCitric;
  const malic = mix.malic * perMalic;
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
  const bicarbonate = mix.co2Moles * carbonicK * perH;
  const hydroxide = waterK * perH;
  slope =
    h +
    hydroxide +
    bicarbonate +
    lactic * a * (1 - a) +
    acetic * b * (1 - b) +
    citric * (citricSquare - citricCharge * citricCharge) +
    malic * (malicSquare - malicCharge * malicCharge);
  return (
    mix.mineralCharge +
    h -
    hydroxide -
    bicarbonate -
    lactic * a -
    acetic * b -
    citric * citricCharge -
    malic * malicCharge
  );
}

/**
 * pH at which the charges of acids and minerals balance: Newton steps in ln H, held to one pH unit a step.
 *
 * Activities are taken as concentrations (drinks are dilute: about 0.05 pH low).
 *
 * @param mix g/L, mol/L and equivalents/L; none negative but the mineral charge
 * @param guess a pH near the answer: the last one, for a warm start
 * @param tolerance pH at which the steps stop
 * @returns pH 1.5–9, and how far the last step moved is below the tolerance within 30 steps for any mix
 * @source charge balance; constants as cited
 * @example acidity({ lactic: 2, acetic: 0, citric: 0, malic: 0, co2Moles: 0, mineralCharge: 0 }, 4) // ≈ 2.76
 */
export function acidity(mix: AcidMix, guess: number, tolerance = 0.002): number {
  let ph = guess;
  for (let i = 0; i < 30; i++) {
    const surplus = charge(Math.exp(-ph * ln10), mix);
    let move = surplus / slope / ln10;
    if (move > 1) move = 1;
    else if (move < -1) move = -1;
    ph += move;
    if (move < tolerance && move > -tolerance) break;
  }
  return ph < 1.5 ? 1.5 : ph > 9 ? 9 : ph;
}
