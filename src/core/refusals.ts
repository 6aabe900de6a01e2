import type { MeasuredQuantity } from './lots/lot';

/**
 * Everything that can be refused, by its code: what a sentence about it needs to know. Core says the code and the parameters, words
 * the sentence (`src/words/refusals.ts`). Amounts in ml and g, temperatures in °C, unless a unit stands beside them; null where a code
 * says it all.
 */
export interface Refusals {
  // Amounts that are typed.
  'measure.empty': null;
  'measure.unreadable': { readonly text: string };
  'measure.fraction': null;
  'measure.unit': { readonly word: string };
  'measure.too-much': null;
  'measure.not-volume': null;
  'measure.low': { readonly low: number; readonly unit: string };
  'measure.high': { readonly high: number; readonly unit: string };
  'measured.unreadable': { readonly quantity: MeasuredQuantity };
  'measured.range': { readonly quantity: MeasuredQuantity; readonly low: number; readonly high: number };
  // What goes into a lot, and out of it.
  'add.nothing': null;
  'add.over-rim': { readonly makes: number; readonly vessel: number; readonly most: number };
  'add.too-much': { readonly grams: number; readonly vessel: number };
  'take.nothing': null;
  'take.too-much': { readonly lot: string; readonly there: number };
  'draw.nothing': { readonly least: number };
  'draw.too-large': { readonly lot: string; readonly most: number };
  'draw.too-low': { readonly lot: string; readonly mark: number };
  'packet.unit': null;
  'packet.too-much': { readonly lot: string; readonly there: number };
  'dose.nothing': null;
  'pitch.too-hot': { readonly celsius: number; readonly grains: boolean };
  // A brew on the worktop.
  'brew.no-room': null;
  'brew.thick': { readonly gramsPerLitre: number; readonly most: number };
  'brew.hardly-anything': { readonly later: boolean };
  'life.none': { readonly culture: string | null };
  'scale.size': null;
  'scale.no-pot': null;
  'scale.no-dose': null;
  'scale.none-of-it': null;
  'swap.not-sweet': null;
  'swap.nothing': null;
  'swap.no-sweetener': null;
  'swap.too-much-juice': null;
  'swap.too-much-sugar': { readonly brings: number; readonly has: number };
  // A starter that is built up.
  'build.not-kept': { readonly lot: string };
  'build.empty': { readonly lot: string };
  'build.nothing': { readonly least: number; readonly unit: 'g' | 'ml' };
  'build.too-much': {
    readonly wanted: number;
    readonly jar: number;
    readonly stays: number;
    readonly most: number;
  };
  'build.unit': { readonly unit: 'g' | 'ml' };
  // Small sums.
  'cooling.never': { readonly air: number };
  'cooling.reading': { readonly air: number; readonly from: number };
  'mix.never': null;
  // The journal and its files.
  'entry.newer': null;
  'entry.invalid': { readonly path: string; readonly why: string };
  'entry.not-correctable': null;
  'backup.too-large': null;
  'backup.not-json': null;
  'backup.foreign': null;
  'backup.newer': null;
  'backup.no-entries': null;
  'backup.damaged': { readonly number: number; readonly of: number; readonly because: Refusal };
  'backup.correction-damaged': { readonly because: Refusal };
  'backup.cancelled': null;
  'calendar.unreadable': null;
  'calendar.too-long': null;
  'copy.damaged': null;
}

export type RefusalCode = keyof Refusals;

/** A refusal of a code: the code is stable, for programs. */
export interface RefusalOf<C extends RefusalCode> {
  readonly ok: false;
  readonly code: C;
  readonly params: Refusals[C];
}

export type Refusal = { [C in RefusalCode]: RefusalOf<C> }[RefusalCode];

/** Codes that say it all. */
type Plain = { [C in RefusalCode]: Refusals[C] extends null ? C : never }[RefusalCode];

/** A refusal. @example refusal('measure.low', { low: 5, unit: 'ml' }).code // 'measure.low' */
export function refusal<C extends Plain>(code: C): RefusalOf<C>;
export function refusal<C extends Exclude<RefusalCode, Plain>>(code: C, params: Refusals[C]): RefusalOf<C>;
export function refusal<C extends RefusalCode>(code: C, params: Refusals[C] | null = null) {
  return { ok: false, code, params };
}
