import { hourIndexAt } from '../forecast/run/hour-index';
import type { LotAnswer } from '../forecast/answer/family-answer';
import { ordinalScales } from '../forecast/ensemble/ordinal-scales';
import type { FiveNumbers } from '../forecast/read-off/weighted-quantiles';
import type { Lot } from '../lots/lot';
import { leastHeadspaceCm } from '../vessels/bottle-shape';
import { tastingsOf } from './tastings';
import { hourMs } from '../duration';

/** Something seen of a bottle, beside the 90 % band that was forecast before anybody saw it. */
export interface Checked {
  readonly lotId: string;
  readonly kind: 'opening' | 'sweet' | 'fizz';
  readonly band: readonly [low: number, middle: number, high: number];
  /** What the word or the score stands for; open ends are Infinity. */
  readonly seen: readonly [from: number, to: number];
  readonly held: boolean;
}

const hisses = ['still', 'gentle', 'lively', 'gusher'] as const;

/** Between which edges a step of a scale lies. */
const stepOf = (edges: readonly number[], step: number): readonly [number, number] => [
  edges[step - 1] ?? -Infinity,
  edges[step] ?? Infinity,
];

/**
 * What was seen of an opened bottle against what was forecast before it was opened: how it hissed, how sweet and how fizzy it
 * tasted. A word is a span; the band held when they meet.
 *
 * @param before the answer asked without what the opening told
 */
export function checkedOf(lot: Lot, before: LotAnswer): Checked[] {
  if (!lot.opened) return [];
  const index = hourIndexAt(before.hours, (lot.opened.at - before.start) / hourMs);
  const out: Checked[] = [];
  const check = (kind: Checked['kind'], five: FiveNumbers | undefined, seen: readonly [number, number]) => {
    if (!five) return;
    const band = [five[0], five[2], five[4]] as const;
    out.push({ lotId: lot.id, kind, band, seen, held: seen[0] <= band[2] && seen[1] >= band[0] });
  };
  const { hiss, sweet, fizz } = ordinalScales;
  check('opening', before.series.gauge[index], stepOf(hiss.edges, hisses.indexOf(lot.opened.how)));
  for (const { at, scores } of tastingsOf(lot)) {
    if (at < lot.opened.at) continue;
    if (scores.sweet) check('sweet', before.series.sweet[index], stepOf(sweet.edges, scores.sweet - 1));
    if (scores.fizz) check('fizz', before.series.fizz[index], stepOf(fizz.edges, scores.fizz - 1));
  }
  return out;
}

/** How often the bands held, and between what shares the truth lies by as many looks. */
export interface Calibration {
  readonly held: number;
  readonly of: number;
  /** 90 % interval of the share, 0–1. */
  readonly low: number;
  readonly high: number;
}

/**
 * Whether nine tenths held nine times in ten: the share that did, with Wilson's interval at 90 %.
 *
 * @source E. B. Wilson, JASA 22 (1927) 209–212
 * @example calibrationOf(Array(10).fill({ held: true })).held // 10
 */
export function calibrationOf(checked: readonly Pick<Checked, 'held'>[]): Calibration {
  const of = checked.length;
  const held = checked.filter((each) => each.held).length;
  if (of === 0) return { held, of, low: 0, high: 1 };
  const z = 1.645;
  const share = held / of;
  const middle = share + (z * z) / (2 * of);
  const spread = z * Math.sqrt((share * (1 - share)) / of + (z * z) / (4 * of * of));
  const whole = 1 + (z * z) / of;
  return {
    held,
    of,
    low: Math.max(0, (middle - spread) / whole),
    high: Math.min(1, (middle + spread) / whole),
  };
}

/** Seasons of the northern year; `south` turns them round. */
const seasons = ['winter', 'spring', 'summer', 'autumn'] as const;
export type Season = (typeof seasons)[number];

/** Season of an instant by the local calendar. @example seasonOf(new Date(2026, 6, 1).getTime()) // 'summer' */
export function seasonOf(at: number, south = false): Season {
  const month = new Date(at).getMonth();
  const quarter = Math.floor(((month + 1) % 12) / 3);
  return seasons[(quarter + (south ? 2 : 0)) % 4]!;
}

/** Why a bottle likely gushed or stayed flat. */
export type Cause =
  | 'too-long-warm'
  | 'pulp'
  | 'too-full'
  | 'opened-warm'
  | 'no-sugar-left'
  | 'too-cold'
  | 'too-short'
  | 'leaky';

export interface Mishap {
  readonly lotId: string;
  readonly what: 'gusher' | 'dud';
  readonly causes: readonly Cause[];
}

export interface MishapFacts {
  readonly warmHours: number;
  readonly pulp: boolean;
  /** How far it was filled under its rim. */
  readonly headspaceCm: number;
  /** Where it stood when it was opened. */
  readonly openedCold: boolean;
  /** Fizz and sugar that were forecast when it was opened, middles; null when nothing was worked out. */
  readonly volumes: number | null;
  readonly sugar: number | null;
  readonly wantedVolumes: number;
  /** Mean temperature where it stood warm, °C. */
  readonly celsius: number;
}

/** What likely made a bottle gush or stay flat, most telling first. Practice. @returns null for one that opened well */
export function mishapOf(lot: Lot, facts: MishapFacts): Mishap | null {
  const { volumes, wantedVolumes } = facts;
  if (lot.opened?.how === 'gusher') {
    const causes: Cause[] = [
      ...(facts.openedCold ? [] : (['opened-warm'] as const)),
      ...(volumes !== null && volumes > wantedVolumes * 1.2 ? (['too-long-warm'] as const) : []),
      ...(facts.pulp ? (['pulp'] as const) : []),
      ...(facts.headspaceCm < leastHeadspaceCm ? (['too-full'] as const) : []),
    ];
    return { lotId: lot.id, what: 'gusher', causes: causes.length > 0 ? causes : ['too-long-warm'] };
  }
  if (lot.opened?.how === 'still') {
    const causes: Cause[] = [
      ...(volumes !== null && volumes > wantedVolumes * 0.75 ? (['leaky'] as const) : []),
      ...(facts.sugar !== null && facts.sugar < 3 ? (['no-sugar-left'] as const) : []),
      ...(facts.celsius < 17 ? (['too-cold'] as const) : []),
      ...(volumes !== null && volumes <= wantedVolumes * 0.75 ? (['too-short'] as const) : []),
    ];
    return { lotId: lot.id, what: 'dud', causes: causes.length > 0 ? causes : ['leaky'] };
  }
  return null;
}
