import type { Portion } from '../matter/portion';
import { doseLine, type DoseLine } from './import-recipe';
import { readLine, type ReadLine } from './ingredient-line';
import { recipeOfJson } from './recipe-json';

/** At most so many lines are read at once. */
const mostLines = 60;

/** What a list of ingredients says. */
export interface ReadList {
  readonly portions: readonly Portion[];
  /** Ingredients that are named alone, without an amount. */
  readonly named: readonly string[];
  /** The starter that a line names; null for none. */
  readonly dose: DoseLine | null;
  /** Lines that must be asked about, those of `named` among them. */
  readonly asked: readonly ReadLine[];
  /** Lines read by the weight of a middling piece, the middle of a range or a pinch. */
  readonly estimated: readonly ReadLine[];
}

/** A comma between two entries: not the one of a decimal, nor one that groups thousands. */
const between = /;|,\s+|(?<=[^\d\s])\s*,/;

/** The entries of a line: "300 g plums, 2 bay leaves" has two; "500 g plums, stoned" is one, since "stoned" names nothing. */
function entriesOf(line: string, names: ReadonlyMap<string, string> | undefined): string[] {
  const parts = line
    .split(between)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const isEntry = (part: string) => readLine(part, names).what !== null || doseLine(part) !== null;
  return parts.length > 1 && parts.every(isEntry) ? parts : [line];
}

/**
 * Reads a list of ingredients as people write or paste it: a line each, several in a line between commas, or a recipe in JSON-LD.
 *
 * @param names what may be named, by plain name; the table's when left out
 * @returns amounts in g or ml; what has none, and what cannot be read, apart; of more than 60 entries the first
 * @example readList('300 g plums, bay').named // ['bay']
 */
export function readList(text: string, names?: ReadonlyMap<string, string>): ReadList {
  const lines = (recipeOfJson(text)?.lines ?? text.split('\n').flatMap((line) => entriesOf(line, names)))
    .filter((line) => line.trim() !== '')
    .slice(0, mostLines);
  const doses = lines.map(doseLine);
  const first = doses.findIndex((each) => each !== null);
  const read = lines.filter((_, i) => i !== first).map((line) => readLine(line, names));
  const asked = read.filter(({ portion }) => portion === null);
  return {
    dose: doses[first] ?? null,
    portions: read.flatMap(({ portion }) => (portion ? [portion] : [])),
    named: asked.filter(({ asks }) => asks === 'how-much').flatMap(({ what }) => (what ? [what] : [])),
    asked,
    estimated: read.filter(({ portion, about }) => portion !== null && about),
  };
}
