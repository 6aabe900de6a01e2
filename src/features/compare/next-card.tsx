import { useState } from 'react';
import type { Lot } from '@/core/lots/lot';
import { freeId, recipeVersions } from '@/core/recipes/recipe-versions';
import { proposals, withProposals, type Seen } from '@/core/recipes/next-version';
import { recipeKey } from '@/core/recipes/recipe';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { ChipRow } from '@/ui/controls/chip-row';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { proposalWords } from '@/words/bottles/compare-words';
import { useAct } from '../acts/act-context';
import { recipeOfBrew } from './recipe-of-brew';
import { t } from '@/core/language/t';

interface Props {
  readonly brew: Lot;
  readonly seen: Seen;
  readonly notes: readonly string[];
}

/** What to change next time: proposals from what was seen, each taken or left, as the recipe's next version. */
export function NextCard({ brew, seen, notes }: Props) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const versions = recipeVersions(household);
  const latest = brew.recipe?.from ? versions.get(brew.recipe.from.id)?.at(-1) : undefined;
  const recipe = latest ?? recipeOfBrew(brew, freeId(brew.name, versions.keys()));
  const offers = proposals(recipe, seen);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [kept, setKept] = useState<string | null>(null);
  const taken = offers.filter(({ what }) => !left.has(what));
  const version = latest ? latest.version + 1 : 2;
  const keep = () => {
    // A batch that was made without a recipe is kept as it was first, so that what changed can be told.
    if (!latest)
      act(
        { kind: 'kept', thing: 'recipe', key: recipeKey(recipe), value: recipe },
        t`${recipe.name} is kept as it was made.`,
      );
    const next = withProposals(recipe, taken, version, seen.usual);
    act(
      { kind: 'kept', thing: 'recipe', key: recipeKey(next), value: next },
      t`${next.name}: version ${version} kept.`,
    );
    setKept(t`${next.name} is kept as version ${version}: it is offered when you brew it next.`);
  };
  return (
    <Card label={t`Next time`} testID="next-time">
      <Text as="subheading" level={2}>{t`Next time`}</Text>
      {notes.map((note) => (
        <Text key={note}>{`“${note}”`}</Text>
      ))}
      {kept ? (
        <Text as="strong" live>
          {kept}
        </Text>
      ) : offers.length === 0 ? (
        <Text>{t`Nothing asks for a change: open and taste two that differ, and what to change is proposed here.`}</Text>
      ) : (
        <>
          <ChipRow
            label={t`What to change`}
            pick="any"
            options={offers.map((offer) => ({ value: offer.what, label: proposalWords(offer) }))}
            isOn={(what) => !left.has(what)}
            onPress={(what) => {
              const next = new Set(left);
              if (!next.delete(what)) next.add(what);
              setLeft(next);
            }}
          />
          <InkButton label={t`Keep as version ${version}`} disabled={taken.length === 0} onPress={keep} />
        </>
      )}
    </Card>
  );
}
