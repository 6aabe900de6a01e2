import { ingredientOf } from '@/core/matter/ingredients/registry';
import { pantryOf } from '@/core/settings/pantry';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** What is in the house, and a tap that says that something is, or is used up. */
export function usePantry() {
  const act = useAct();
  const pantry = pantryOf(useAppSelector(selectHousehold));
  const toggle = (what: string) => {
    const { name } = ingredientOf(what);
    act(
      { kind: 'kept', thing: 'pantry', key: what, value: pantry.has(what) ? null : {} },
      pantry.has(what) ? t`${name} is used up.` : t`${name} is in the house.`,
    );
  };
  return { pantry, toggle };
}
