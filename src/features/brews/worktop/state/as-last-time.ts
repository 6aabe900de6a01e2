import type { Row } from '@/core/brew/composition';
import { mlWithWater } from '@/core/brew/scale';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { pitchOf, type LotFinder, type Pitch } from '@/core/lots/pitch';
import { gramsOfPortion, mlOfPortion, type Portion } from '@/core/matter/portion';
import { simmered } from '@/core/recipes/library/methods';
import { usualWhen } from '@/core/recipes/import-recipe';
import { emptyWorktop } from './lay-out';
import { grainsOf, hasGrains, jarFor, lotOfLife } from './worktop-life';
import type { WorktopState } from './worktop-state';

/** At most so many brews are offered again. */
const mostOffered = 3;

/** Brews that were pitched, the last of each name, newest first. */
export function brewsToRepeat(household: Household): Lot[] {
  const find = (id: string) => lotOf(household, id);
  const byName = new Map<string, Lot>();
  for (const brew of everyLot(household)
    .filter((lot) => lot.role === 'brew' && lot.recipe !== null && pitchOf(lot, find) !== null)
    .sort((a, b) => b.begunAt - a.begunAt || (a.id < b.id ? 1 : -1)))
    if (!byName.has(brew.name)) byName.set(brew.name, brew);
  return [...byName.values()].slice(0, mostOffered);
}

/** What went in before it was pitched, and what steeped in it after; water, and what was typed for it, left out. */
function rowsOf({ events, recipe }: Lot, pitch: Pitch, heated: boolean): Row[] {
  const said = new Map((recipe?.later ?? []).map(({ when, portion }) => [portion.what, when]));
  const rows: Row[] = [];
  const put = (when: Row['when'], { typed: _typed, ...portion }: Portion) => {
    const at = rows.findIndex((row) => row.when === when && row.portion.what === portion.what);
    const before = at < 0 ? null : rows[at]!.portion;
    if (!before) rows.push({ when, portion });
    else if (portion.ml === undefined)
      rows[at] = { when, portion: { ...portion, grams: gramsOfPortion(before) + gramsOfPortion(portion) } };
    else rows[at] = { when, portion: { ...portion, ml: mlOfPortion(before) + portion.ml } };
  };
  const first = events.find(({ kind }) => kind === 'added');
  for (const event of events) {
    if (event.kind !== 'added') continue;
    for (const portion of event.portions) {
      if (portion.what === 'water') continue;
      const when = said.get(portion.what);
      if (event.at > pitch.at && when !== 'infusion') continue;
      put(when ?? (event === first ? usualWhen(portion.what, heated) : 'last'), portion);
    }
  }
  const there = new Set(rows.map(({ portion }) => portion.what));
  for (const { when, portion } of recipe?.later ?? []) if (!there.has(portion.what)) put(when, portion);
  return rows;
}

/** What it would be brought to life with now: the same jar if it is there, else another of its kind. */
function lifeAgain(pitch: Pitch, lots: readonly Lot[]): string {
  if (pitch.culture.bare) return 'bare';
  if (pitch.fromLotId === null && pitch.amount > 0) return 'portion';
  const same = lots.find(({ id }) => id === pitch.fromLotId);
  if (!same) return jarFor(pitch.culture.id, lots) ?? 'portion';
  return pitch.culture.unit === 'g' && hasGrains(same) ? grainsOf(same) : same.id;
}

/**
 * A brew laid out again with the amounts it was made with.
 *
 * @param lots jars, packets and batches that live
 * @returns null for a brew that was never pitched
 */
export function asLastTime(
  brew: Lot,
  lots: readonly Lot[],
  find: LotFinder,
  celsius: number,
): WorktopState | null {
  const pitch = pitchOf(brew, find);
  if (!pitch || !brew.recipe) return null;
  const { recipe } = brew;
  const method = recipe.method ?? simmered();
  const rows = rowsOf(brew, pitch, method.heat !== 'none');
  const life = lifeAgain(pitch, lots);
  const found = lotOfLife(life, lots);
  const dose = found ? Number(pitch.amount.toFixed(pitch.culture.unit === 'g' ? 1 : 0)) : 0;
  const poured = brew.events.flatMap((event) => (event.kind === 'added' ? event.portions : []));
  const water =
    recipe.waterMl ??
    poured.filter(({ what }) => what === 'water').reduce((sum, portion) => sum + mlOfPortion(portion), 0);
  const ml = mlWithWater({ ml: 1000, rows, dose }, method, found?.grains === false, water);
  return {
    ...emptyWorktop(lots, celsius),
    composition: { ml: Math.max(100, Math.round(ml / 10) * 10), rows, dose },
    name: brew.name,
    method,
    base: recipe.base,
    life,
    volumes: recipe.wantedVolumes,
    from: recipe.from ?? null,
    doseTyped: true,
    wants: pitch.culture.id,
  };
}
