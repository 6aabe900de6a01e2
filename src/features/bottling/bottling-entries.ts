import type { Act } from '@/core/journal/entry';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { holdsFizz } from '@/core/vessels/vessel-kinds';
import type { Worked, Worktable } from './table-state';
import { t } from '@/core/language/t';

/** What is done with what is over. */
export type LeftOver = 'leave' | 'drink';

const kept = (value: number) => Math.round(value * 10) / 10;

/**
 * The acts that bottling is: what is stirred into the whole jar first; one pouring of what is strained, one of what goes in with its pulp; and what is drunk.
 *
 * @param fromId the jar
 */
export function bottlingActs(fromId: string, { rows, leftMl, stirredIn }: Worktable, left: LeftOver): Act[] {
  const clear = rows.filter(({ bottle }) => !bottle.pulp);
  const cloudy = rows.filter(({ bottle }) => bottle.pulp);
  const acts: Act[] =
    stirredIn.length > 0 ? [{ kind: 'portions-added', lotId: fromId, portions: [...stirredIn] }] : [];
  if (clear.length > 0)
    acts.push({
      kind: 'transferred',
      from: fromId,
      taken: 'liquid',
      strained: 'coarse',
      targets: clear.map(target),
    });
  if (cloudy.length > 0)
    acts.push({ kind: 'transferred', from: fromId, taken: 'everything', targets: cloudy.map(target) });
  if (left === 'drink' && leftMl > 5)
    acts.push({
      kind: 'transferred',
      from: fromId,
      taken: 'liquid',
      targets: [{ ml: kept(leftMl), gone: 'drunk' }],
    });
  return acts;
}

function target({ bottle, fillMl, portions }: Worked) {
  const variant = (bottle.variant.trim() || whatIsIn(bottle)).slice(0, 60);
  return {
    begin: {
      role: 'bottle' as const,
      name: bottle.name.trim().slice(0, 80) || String(bottle.key),
      vessel: {
        kind: bottle.kind,
        ml: bottle.ml,
        ...(bottle.stock === null ? {} : { stock: bottle.stock }),
      },
      closure: holdsFizz(bottle.kind) ? ('sealed' as const) : ('loose-lid' as const),
      place: bottle.place,
      ...(bottle.mark ? { mark: bottle.mark } : {}),
      ...(variant ? { variant } : {}),
      ...(bottle.chillDays === 0 ? {} : { chillDays: bottle.chillDays }),
    },
    ml: kept(fillMl),
    ...(portions.length > 0 ? { portions: [...portions] } : {}),
  };
}

/** A bottle with doses of its own is told apart by them, when nobody wrote how. */
const whatIsIn = ({ doses }: Worked['bottle']): string =>
  doses === undefined
    ? ''
    : doses.length === 0
      ? t`nothing added`
      : doses.map(({ what }) => ingredientOf(what).name.toLowerCase()).join(', ');
