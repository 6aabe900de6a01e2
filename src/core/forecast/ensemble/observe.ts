import type { Reading } from '../../ferment/scenario/ferment';
import { brixOfGravity } from '../../sugar/sucrose-solution';
import {
  abvAt,
  acidsMadeAt,
  cellsAt,
  dissolvedVolumesAt,
  gasRateAt,
  gaugeBarAt,
  gravityAt,
  phAt,
  sweetnessAt,
  type RowContext,
} from '../run/quantities';
import { isOrdinal, ordinalScales, type OrdinalKind, type OrdinalScale } from './ordinal-scales';
import { normalBelow } from '../run/random';
import { isOffsetTool, toolOffset } from './same-tool';

/** How far a household reading strays, one standard deviation. */
export const readingError = { sg: 0.0015, brix: 0.4, ph: 0.15, gaugeBar: 0.18, celsius: 0.8 } as const;

/** What a reading goes by: readings of one sense err together. */
export type Sense = 'pressure' | 'sugar' | 'acid' | 'gas made' | 'cells' | 'warmth' | 'alcohol' | 'none';

const senses: Readonly<Record<Reading['kind'], Sense>> = {
  gaugeBar: 'pressure',
  squeeze: 'pressure',
  lid: 'pressure',
  hiss: 'pressure',
  fizz: 'pressure',
  sg: 'sugar',
  brix: 'sugar',
  sweet: 'sugar',
  ph: 'acid',
  sour: 'acid',
  smell: 'acid',
  foam: 'gas made',
  bubbles: 'gas made',
  film: 'gas made',
  sediment: 'cells',
  grains: 'cells',
  celsius: 'warmth',
  strength: 'alcohol',
  colour: 'none',
};

export const senseOf = (kind: Reading['kind']): Sense => senses[kind];

/** What the equations lack, as a share of the pressure they give: a gauge may be right and the model not. */
const modelLack = { gaugeBar: 0.06 } as const;

type Rows = Float32Array | Float64Array;

/** What a reading of that kind would show if this member were the truth: SG, °Brix, pH, bar gauge or °C; of words the measure they are judged by. */
export function expected(kind: Reading['kind'], rows: Rows, at: number, place: RowContext): number {
  switch (kind) {
    case 'sg':
      return gravityAt(rows, at, place);
    case 'brix':
      return brixOfGravity(gravityAt(rows, at, place));
    case 'ph':
      return phAt(rows, at);
    case 'celsius':
      return place.celsius;
    case 'gaugeBar':
    case 'squeeze':
    case 'lid':
    case 'hiss':
      return gaugeBarAt(rows, at, place);
    case 'foam':
    case 'bubbles':
      return Math.log(1 + 1000 * Math.max(0, gasRateAt(rows, at)));
    case 'sweet':
      return sweetnessAt(rows, at);
    case 'sour':
      return -phAt(rows, at);
    case 'fizz':
      return dissolvedVolumesAt(rows, at, place);
    case 'strength':
      return abvAt(rows, at);
    case 'sediment':
    case 'grains':
      return Math.log(1e-4 + cellsAt(rows, at));
    case 'film':
      return -Math.log(1 + 1000 * Math.max(0, gasRateAt(rows, at)));
    case 'smell':
      return acidsMadeAt(rows, at);
    case 'colour':
      return 0;
  }
}

/** Whether a reading says anything of how a ferment goes: colour, fuzz and foul smells only tell what to do. */
export const weighs = (reading: Reading): reading is Exclude<Reading, { kind: 'colour' }> =>
  reading.kind !== 'colour' &&
  (!isOrdinal(reading.kind) ||
    (ordinalScales[reading.kind].words as readonly (string | number)[]).includes(reading.value));

/** A hydrometer in a fizzing jar, a hasty sip: now and then a reading is simply off. */
export const blunderShare = 0.03;

/**
 * Chance (a density for numbers) of a reading when the model expects `value`.
 *
 * @returns above 0, so that one blunder never rules out every member
 */
export function likelihood(reading: Reading, value: number): number {
  if (!weighs(reading)) return 1;
  if (isOrdinal(reading.kind))
    return (1 - blunderShare) * wordChance(reading.kind, reading.value, value) + blunderShare / 4;
  const error = errorOf(reading.kind, value);
  const z = ((reading.value as number) - value) / error;
  const density = Math.exp((-z * z) / 2) / (error * Math.sqrt(2 * Math.PI));
  return (1 - blunderShare) * density + blunderShare / (error * 40);
}

/** Error of a number read once, one standard deviation in the reading's unit: its own, its tool's and the model's. */
export const errorOf = (kind: keyof typeof readingError, value: number): number =>
  kind === 'gaugeBar'
    ? Math.hypot(readingError.gaugeBar, modelLack.gaugeBar * Math.max(0, value))
    : isOffsetTool(kind)
      ? Math.hypot(readingError[kind], toolOffset[kind])
      : readingError[kind];

/** Chance that a person says that word when the quantity is `value`, 0–1. */
export function wordChance(kind: OrdinalKind, word: string | number, value: number): number {
  const { words, edges, error } = ordinalScales[kind] as OrdinalScale;
  const index = words.indexOf(word);
  const above = index === 0 ? 1 : normalBelow((value - edges[index - 1]!) / error);
  const over = index === words.length - 1 ? 0 : normalBelow((value - edges[index]!) / error);
  return Math.max(0, above - over);
}

/** Whether a word stands for less than the quantity's value. */
export function feltBelow(kind: OrdinalKind, word: string | number, value: number): boolean {
  const { words, edges } = ordinalScales[kind] as OrdinalScale;
  const upper = edges[words.indexOf(word)];
  return upper !== undefined && upper < value;
}
