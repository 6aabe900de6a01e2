import { ingredientOf } from '@/core/matter/ingredients/registry';
import { inARow } from '../amounts';
import { t } from '@/core/language/t';

/** What a name of an ingredient says of its state or part is left out of the name of a drink. */
const state = /^(fresh|dried|frozen|raw|ground|whole) /i;
const part = / (juice|purée|puree|zest|peel|leaf|leaves|petals?|flowers?|root|roots|berries|rind|skins?)$/i;
const unnamed = ['water', 'sugar', 'syrup', 'salt', 'mineral', 'culture', 'dairy'];

const short = (what: string): string =>
  ingredientOf(what).name.replace(/,.*$/, '').replace(state, '').replace(part, '').toLowerCase();

/**
 * A name for a drink by what flavours it, so that nobody must type one: at most two of its flavours, ginger last.
 *
 * @example brewName(['white-sugar', 'ginger', 'plum', 'bay-leaf']) // 'Plum and bay'
 */
export function brewName(whats: readonly string[]): string {
  const flavours = whats.filter((what) => !unnamed.includes(ingredientOf(what).family));
  const isGinger = (what: string) => ingredientOf(what).family === 'ginger';
  const others = flavours.filter((what) => !isGinger(what));
  const names = [...new Set([...others, ...flavours.filter(isGinger)].map(short))].slice(0, 2);
  const name = names.length > 0 ? inARow(names) : t`plain soda`;
  return name.replace(/^./, (letter) => letter.toUpperCase());
}
