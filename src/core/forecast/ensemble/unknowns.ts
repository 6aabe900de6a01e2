import type { KnownKitchen } from '../../ferment/scenario/ferment';
import { normalBelow } from '../run/random';

/** How a standard normal number becomes the unknown, from its middle and its spread. */
const transforms = {
  /** A factor: the spread is of its logarithm. */
  factor: (z: number, middle: number, spread: number) => Math.exp(middle + spread * z),
  /** A shift to either side. */
  shift: (z: number, middle: number, spread: number) => middle + spread * z,
  /** A size without a sign. */
  size: (z: number, _middle: number, spread: number) => Math.abs(spread * z),
  /** Evenly spread over a whole: `spread` is the whole. */
  even: (z: number, _middle: number, spread: number) => spread * normalBelow(z),
  /** A factor less 1: above −1, and 0 in the middle. */
  excess: (z: number, middle: number, spread: number) => Math.exp(middle + spread * z) - 1,
} as const;

interface Unknown {
  readonly name: string;
  readonly transform: keyof typeof transforms;
  /** Of the standard normal number, before the transform: 0 is the nominal kitchen. */
  readonly median: number;
  /** Null: each culture has its own (`vigourSpread`). */
  readonly spread: number | null;
  readonly meaning: string;
  readonly source: string;
}

/**
 * What nobody knows of a kitchen before anything was seen: independent, each a standard normal number that its transform turns into
 * the member's property of the same name. Their order is that of a point's numbers.
 */
export const unknowns = [
  { name: 'vigour', transform: 'factor', median: 0, spread: null, meaning: 'speed of yeast and bacteria', source: 'cultures/kinds: each kind has its own' },
  { name: 'lag', transform: 'factor', median: 0, spread: 0.5, meaning: 'length of the lag', source: 'practice' },
  { name: 'bacteria', transform: 'factor', median: 0, spread: 0.5, meaning: 'share of bacteria in the starter', source: 'practice' },
  { name: 'capacity', transform: 'factor', median: 0, spread: 0.28, meaning: 'nutrients in the base', source: 'practice' },
  { name: 'offset', transform: 'shift', median: 0, spread: 1.1, meaning: 'true temperature less the stated one, °C', source: 'practice' },
  { name: 'swing', transform: 'size', median: 0, spread: 1.2, meaning: 'half of the swing between day and night, °C', source: 'practice' },
  { name: 'swingPhase', transform: 'even', median: 0, spread: 24, meaning: 'hour at which the swing rises through its middle', source: 'any hour is as likely' },
  { name: 'seal', transform: 'even', median: 0, spread: 1, meaning: 'where its seals lie between the best and the worst', source: 'seal-leak.ts' },
  { name: 'earlyDrift', transform: 'shift', median: 0, spread: 0.1, meaning: 'stray of the pace within the first day', source: 'doubt about the equations: calibration' },
  { name: 'lateDrift', transform: 'shift', median: 0, spread: 0.22, meaning: 'stray of the pace within the first week', source: 'doubt about the equations: calibration' },
  { name: 'shape', transform: 'excess', median: 0, spread: 0.65, meaning: 'how early growth feels its limit', source: 'doubt about the equations: calibration' },
  { name: 'gasTolerance', transform: 'factor', median: 0, spread: 0.35, meaning: 'how much gas it takes to slow it', source: 'doubt about the equations: calibration' },
  { name: 'fridge', transform: 'shift', median: 0, spread: 2, meaning: 'true temperature of the fridge less the stated one, °C', source: 'practice' },
  { name: 'coldActivity', transform: 'factor', median: 0, spread: 0.58, meaning: 'pace kept in the cold', source: 'practice: a factor of 1.8 either way' },
  { name: 'cells', transform: 'factor', median: 0, spread: 0.33, meaning: 'live cells of the dose', source: 'practice' },
  { name: 'growth', transform: 'factor', median: 0, spread: 0.37, meaning: 'how fast they double', source: 'practice' },
] as const satisfies readonly Unknown[]; // prettier-ignore

export type UnknownName = (typeof unknowns)[number]['name'];

export const unknownCount = unknowns.length;

/** Which of a point's numbers an unknown is. @example indexOf('vigour') // 0 */
export const indexOf = (name: UnknownName): number => unknowns.findIndex((each) => each.name === name);

const priorOf = (name: UnknownName) => {
  const { median, spread } = unknowns.find((each) => each.name === name)!;
  return { mean: median, deviation: spread ?? 0 };
};

/** A kitchen of which nothing was learned. */
export const usualKitchen: KnownKitchen = {
  offset: priorOf('offset'),
  fridge: priorOf('fridge'),
  coldActivity: priorOf('coldActivity'),
};

/**
 * The unknowns that a point of standard normal numbers stands for.
 *
 * @param z `unknownCount` numbers from `at`
 * @param vigourSpread standard deviation of the logarithm of the vigour, 0 or more
 * @param kitchen what was learned before of the room, the fridge and the cold, instead of the usual
 * @source transforms and spreads as in the table
 */
export function unknownsAt(
  z: Float64Array,
  at: number,
  vigourSpread: number,
  kitchen: KnownKitchen,
): Record<UnknownName, number> {
  const values = {} as Record<UnknownName, number>;
  const learned: Partial<Record<UnknownName, { readonly mean: number; readonly deviation: number }>> =
    kitchen;
  unknowns.forEach(({ name, transform, median, spread }, i) => {
    const known = learned[name];
    values[name] = transforms[transform](
      z[at + i]!,
      known?.mean ?? median,
      known?.deviation ?? spread ?? vigourSpread,
    );
  });
  return values;
}
