import { useState } from 'react';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { lotOf } from '@/core/journal/household';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { dropDraft, keptDraft } from '@/store/drafts';
import { useNow } from '@/store/use-now';
import { Worktop } from './worktop';
import { emptyWorktop, fromKefir, laidOut, withSent } from './state/lay-out';
import { asLastTime } from './state/as-last-time';
import type { WorktopState } from './state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly starters: readonly Lot[];
  /** The jar it was asked for from. */
  readonly from?: string | undefined;
  /** A brew to be made again, by id. */
  readonly again?: string | undefined;
  /** Something that goes in from the start, as the workbook sends it: "white-sugar~120 g". */
  readonly add?: string | undefined;
  /** A recipe to lay out, by id, in a version if one is asked for: "plum-bay", "plum-bay@2". */
  readonly recipe?: string | undefined;
  /** How much of it, ml, as a plan sends it. */
  readonly ml?: string | undefined;
}

/** How much is laid out of a recipe before anything is said, ml. */
const usualMl = 3000;

/** A size as it was sent; the usual one for what is none. */
function mlAsked(ml: string | undefined): number {
  const asked = Number(ml);
  return asked >= 100 && asked <= 100_000 ? asked : usualMl;
}

/** A new brew, from an empty worktop or from a recipe. */
export function NewBrew({ starters, from, add, again, recipe, ml }: Props) {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const celsius = celsiusAt(household.warmths, 'counter', now);
  // The shape of the worktop's state stands in the name: a draft of another shape is not brought back.
  const jar = starters.find(({ id }) => id === from);
  const kefir = jar && !recipe ? fromKefir(jar, starters, celsius) : null;
  const before = again === undefined ? undefined : lotOf(household, again);
  const asked = recipe && ml ? `${recipe} ${ml}` : recipe;
  const draft = `worktop/1:${asked ?? before?.id ?? (kefir ? t`kefir ${jar!.id}` : 'new')}`;
  const [afresh, setAfresh] = useState(0);
  const lay = (): WorktopState => {
    const [id = '', version] = (recipe ?? '').split('@');
    const versions = recipeVersions(household).get(id) ?? [];
    const found = versions.find((each) => String(each.version) === version) ?? versions.at(-1);
    const repeated = before && asLastTime(before, starters, (lotId) => lotOf(household, lotId), celsius);
    if (repeated) return repeated;
    const state = found
      ? laidOut(found, mlAsked(ml), starters, celsius)
      : (kefir ?? emptyWorktop(starters, celsius));
    return withSent(state, add);
  };
  const [kept] = useState(() => (add === undefined ? keptDraft<WorktopState>(draft, now) : null));
  const [begun, setBegun] = useState((): WorktopState => kept ?? lay());
  const startAfresh = () => {
    dropDraft(draft);
    setBegun(lay());
    setAfresh(afresh + 1);
  };
  return (
    <Worktop
      key={afresh}
      lots={starters}
      begun={begun}
      draft={draft}
      {...(kept && afresh === 0 ? { onAfresh: startAfresh } : {})}
    />
  );
}
