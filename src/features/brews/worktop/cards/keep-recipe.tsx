import { freeId, recipeVersions } from '@/core/recipes/recipe-versions';
import { changesBetween } from '@/core/recipes/changes';
import { recipeKey } from '@/core/recipes/recipe';
import { everyLot } from '@/core/journal/household';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { nameFault } from '../../../forms/name-fault';
import { useAct } from '../../../acts/act-context';
import { recipeOfWorktop } from '../state/recipe-of-worktop';
import { nameOf, type WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly onKept: (from: { id: string; version: number }) => void;
}

/** The worktop kept as a recipe: a new one, or the next version of the one it came from. */
export function KeepRecipe({ state, onKept }: Props) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const lots = everyLot(household);
  const versions = recipeVersions(household);
  const before = state.from ? versions.get(state.from.id)?.at(-1) : undefined;
  const unnamed = nameFault(nameOf(state));
  const next = before
    ? recipeOfWorktop(state, lots, {
        id: before.id,
        version: before.version + 1,
        from: before.from,
        rating: null,
        note: '',
      })
    : null;
  const changed =
    before && next ? changesBetween(before, next).length > 0 || next.name !== before.name : false;
  const keep = (as: 'next' | 'new') => {
    const recipe =
      as === 'next' && next
        ? next
        : recipeOfWorktop(state, lots, {
            id: freeId(nameOf(state), versions.keys()),
            version: 1,
            from: state.from,
            rating: null,
            note: '',
          });
    act(
      { kind: 'kept', thing: 'recipe', key: recipeKey(recipe), value: recipe },
      as === 'next'
        ? t`${recipe.name}: version ${recipe.version} kept.`
        : t`${recipe.name} is kept among the recipes.`,
    );
    onKept({ id: recipe.id, version: recipe.version });
  };
  return (
    <>
      {next && changed ? (
        <InkButton
          quiet
          label={t`Keep as version ${next.version}`}
          disabled={unnamed !== undefined}
          onPress={() => keep('next')}
        />
      ) : null}
      <InkButton
        quiet
        label={before ? t`Keep as a new recipe` : t`Keep the recipe`}
        disabled={unnamed !== undefined}
        onPress={() => keep('new')}
      />
    </>
  );
}
