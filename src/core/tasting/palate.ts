import type { Tasting } from './tastings';
import { dayMs } from '../duration';

/** What of a drink a palate has a liking for. */
const palateKinds = ['sweet', 'sour', 'fizz'] as const;
export type PalateKind = (typeof palateKinds)[number];

/** A liking learned from scores: where on the scale of 1–5, how sure, in the measure of the forecast, from how many sips. */
export interface Liking {
  readonly step: number;
  /** Standard deviation of the step. */
  readonly deviation: number;
  /** Sweetness g/L, pH, or volumes. */
  readonly level: number;
  /** One deviation to either side, in order. */
  readonly range: readonly [number, number];
  readonly n: number;
}

export interface Palate {
  readonly person: string;
  readonly likes: Readonly<Record<PalateKind, Liking>>;
}

/**
 * What each step of a score stands for, from 1 to 5: the middles of the steps that the forecast reads scores by.
 * Sweetness g/L, pH, volumes dissolved. Practice.
 */
export const stepLevels: Readonly<Record<PalateKind, readonly number[]>> = {
  sweet: [8, 23, 43, 68, 95],
  sour: [4.1, 3.68, 3.28, 2.98, 2.75],
  fizz: [0.5, 1.3, 2.1, 2.9, 3.6],
};

/** What nobody's liking is taken to be: balanced, fresh, and soft to lively; as sure as three sips. */
const usual: Readonly<Record<PalateKind, number>> = { sweet: 3, sour: 2.3, fizz: 3.3 };
const usualWeight = 3;
/** People of one household differ by so many steps, and one person's liking of the same drink by as many from day to day. */
const spread = 0.9;
/** A sip liked no better than "fine" says little of where the liking lies; one liked best says most. */
const weightOf = (liking: number): number => [0, 0.05, 0.15, 0.45, 0.8, 1][liking] ?? 0.45;

/** The level that a step of 1–5 stands for, joined linearly between steps: g/L of sugar, pH or volumes. */
export function levelOf(kind: PalateKind, step: number): number {
  const levels = stepLevels[kind];
  const at = Math.min(5, Math.max(1, step)) - 1;
  const low = Math.min(3, Math.floor(at));
  return levels[low]! + (at - low) * (levels[low + 1]! - levels[low]!);
}

/**
 * What a person likes, from their scores: how a drink tasted, weighed by how much it was liked, drawn towards the usual
 * while sips are few. Older sips weigh less: half after a year.
 *
 * @param tastings of this person alone
 * @source a weighted mean with a conjugate prior; figures by practice
 */
export function palateOf(person: string, tastings: readonly Tasting[], now: number): Palate {
  const year = 365.25 * dayMs;
  const likes = Object.fromEntries(
    palateKinds.map((kind): [PalateKind, Liking] => {
      let sum = usual[kind] * usualWeight;
      let weight = usualWeight;
      let n = 0;
      for (const { at, scores } of tastings) {
        const score = scores[kind];
        if (score === undefined) continue;
        const w = weightOf(scores.liking ?? 3) * 0.5 ** Math.max(0, (now - at) / year);
        sum += w * score;
        weight += w;
        n += 1;
      }
      const step = sum / weight;
      const deviation = spread / Math.sqrt(weight / usualWeight);
      const ends = [levelOf(kind, step - deviation), levelOf(kind, step + deviation)].sort((a, b) => a - b);
      return [kind, { step, deviation, level: levelOf(kind, step), range: [ends[0]!, ends[1]!], n }];
    }),
  );
  return { person, likes: likes as Record<PalateKind, Liking> };
}

/**
 * What of a liking a person's own sips say, without what nobody's is taken to be.
 *
 * @returns their mean step, and how far they outweigh any assumption, 0–1; null without a sip
 */
export function ownLiking(
  kind: PalateKind,
  { step, deviation, n }: Pick<Liking, 'step' | 'deviation' | 'n'>,
): { readonly step: number; readonly share: number } | null {
  const weight = usualWeight * (spread / deviation) ** 2;
  const own = weight - usualWeight;
  if (n === 0 || own <= 0) return null;
  return { step: (step * weight - usual[kind] * usualWeight) / own, share: own / weight };
}

/** The palate of everybody who ever scored, by name; whoever writes without a name is left out. */
export function palatesOf(tastings: readonly Tasting[], people: readonly string[], now: number): Palate[] {
  const names = [...new Set([...people, ...tastings.map(({ by }) => by)])].filter((name) => name !== '');
  return names
    .map((person) =>
      palateOf(
        person,
        tastings.filter(({ by }) => by === person),
        now,
      ),
    )
    .sort((a, b) => a.person.localeCompare(b.person));
}
