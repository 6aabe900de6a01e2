import { refusalWords } from '@/words/refusals';
import { degreesTyped, parseNumber } from '@/core/measures/parse-measure';
import { volumeTyped } from '@/core/measures/portion-measure';
import { idByName } from '@/core/recipes/ingredient-names';
import type { Result } from '@/core/result';
import { t } from '@/core/language/t';

/** One box of a tool. */
interface ToolField {
  readonly key: string;
  readonly label: string;
  readonly start: string;
  readonly hint?: string;
}

/** What a tool says: its answer, and an ingredient with its amount that a brew can take. */
export interface ToolAnswer {
  readonly lines: readonly string[];
  readonly send?: { readonly what: string; readonly amount: string };
}

/** What is wrong, at which box; at none of them when it is the whole. */
export interface ToolFault {
  readonly key: string;
  readonly message: string;
}

/** Ids of ingredients by their plain names, the household's own among them. */
export type IngredientNames = ReadonlyMap<string, string>;

/** A small tool of the workbook. */
export interface Tool {
  readonly id: string;
  readonly title: string;
  /** The formula in words. */
  readonly how: string;
  readonly fields: readonly ToolField[];
  readonly choice?: { readonly label: string; readonly options: readonly { value: string; label: string }[] };
  readonly answer: (
    typed: Readonly<Record<string, string>>,
    choice: string,
    names: IngredientNames,
  ) => ToolAnswer | ToolFault;
}

export class Wrong extends Error {
  constructor(
    readonly key: string,
    message: string,
  ) {
    super(message);
  }
}

/** What a box says within bounds, or the sentence that says what is wrong at it. */
type At = (typed: Readonly<Record<string, string>>, key: string, low: number, high: number) => number;

const within =
  (read: (text: string) => number, bounds: (low: number, high: number) => string): At =>
  (typed, key, low, high) => {
    const value = read(typed[key] ?? '');
    if (!Number.isFinite(value)) throw new Wrong(key, t`Write a number.`);
    if (value < low || value > high) throw new Wrong(key, bounds(low, high));
    return value;
  };

export const numberAt = within(parseNumber, (low, high) => t`Between ${low} and ${high}.`);

/** °C, as the kitchen’s thermometer shows it. */
export const degreesAt = within(degreesTyped, (low, high) => t`Between ${low} and ${high} °C.`);

/** A volume, ml. */
export function mlAt(
  typed: Readonly<Record<string, string>>,
  key: string,
  fallback: 'ml' | 'l' = 'l',
): number {
  const read = volumeTyped(typed[key] ?? '', fallback);
  if (!read.ok) throw new Wrong(key, refusalWords(read));
  if (!(read.value > 0)) throw new Wrong(key, t`More than nothing.`);
  return read.value;
}

/** The value of a result, or its sentence at a box. */
export function valueAt<T>(result: Result<T>, key: string): T {
  if (!result.ok) throw new Wrong(key, refusalWords(result));
  return result.value;
}

/** Asks a tool; faults come back with their box. */
export function ask(
  tool: Tool,
  typed: Readonly<Record<string, string>>,
  choice: string,
  names: IngredientNames = idByName,
): ToolAnswer | ToolFault {
  try {
    return tool.answer(typed, choice, names);
  } catch (fault) {
    if (fault instanceof Wrong) return { key: fault.key, message: fault.message };
    throw fault;
  }
}

export const isFault = (answer: ToolAnswer | ToolFault): answer is ToolFault => 'message' in answer;
