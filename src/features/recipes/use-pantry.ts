import { useMemo } from 'react';
import { pantryLeft } from '@/core/brew/pantry-left';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Portion } from '@/core/matter/portion';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { amountOf } from '@/words/amounts';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** What is in the house, and a tap that says that something is, how much of it, or that it is used up. */
export function usePantry() {
  const act = useAct();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const pantry = useMemo(() => pantryLeft(household), [household]);
  const nameOf = (what: string) => ingredientOf(what).name;
  const toggle = (what: string) =>
    pantry.has(what)
      ? act({ kind: 'kept', thing: 'pantry', key: what, value: null }, t`${nameOf(what)} is used up.`)
      : act({ kind: 'kept', thing: 'pantry', key: what, value: {} }, t`${nameOf(what)} is in the house.`);
  /** So much is there from now on; what brews and feeds take is taken off it. */
  const put = ({ what, ...amount }: Portion) =>
    act(
      { kind: 'kept', thing: 'pantry', key: what, value: { ...amount, since: now } },
      t`${nameOf(what)}: ${amountOf({ what, ...amount })} in the house.`,
    );
  return { pantry, toggle, put };
}
