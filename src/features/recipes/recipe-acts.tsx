import { useRouter } from 'expo-router';
import { useState } from 'react';
import { freeId, recipeVersions } from '@/core/recipes/recipe-versions';
import { recipeKey, type Recipe } from '@/core/recipes/recipe';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

const ratings = [1, 2, 3, 4, 5].map((value) => ({
  value,
  label: [t`Not again`, t`Meh`, t`Fine`, t`Good`, 'A keeper'][value - 1]!,
}));

/** A copy to change at will, that says what it came from. */
export function CopyIt({ recipe }: { readonly recipe: Recipe }) {
  const act = useAct();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const copy = () => {
    const name = t`${recipe.name}, our way`.slice(0, 80);
    const id = freeId(name, recipeVersions(household).keys());
    const made: Recipe = {
      ...recipe,
      id,
      name,
      version: 1,
      rating: null,
      note: '',
      from: { id: recipe.id, version: recipe.version },
    };
    act({ kind: 'kept', thing: 'recipe', key: recipeKey(made), value: made }, t`${name}: copied.`);
    router.navigate(`/brews/recipe?id=${id}`);
  };
  return <InkButton quiet label={t`Copy it`} onPress={copy} />;
}

/** What the household thinks of this version, and what to change next time. */
export function Opinion({ recipe }: { readonly recipe: Recipe }) {
  const act = useAct();
  const [note, setNote] = useState(recipe.note);
  const keep = (change: Partial<Recipe>, said: string) =>
    act({ kind: 'kept', thing: 'recipe', key: recipeKey(recipe), value: { ...recipe, ...change } }, said);
  return (
    <Card label={t`How was it?`}>
      <Text as="subheading" level={2}>{t`How was it?`}</Text>
      <Choice
        label={t`How was it?`}
        options={ratings}
        value={recipe.rating}
        onChange={(rating) => keep({ rating }, t`${recipe.name}: ${rating} of 5.`)}
      />
      <TextBox
        label={t`To remember`}
        value={note}
        onChange={setNote}
        multiline
        hint={t`What to change next time`}
      />
      {note.trim() !== recipe.note ? (
        <InkButton
          quiet
          label={t`Note it`}
          onPress={() => keep({ note: note.trim().slice(0, 600) }, t`Noted.`)}
        />
      ) : null}
    </Card>
  );
}

/** Takes a version of the household's own out of the recipes. */
export function TakeOut({ recipe }: { readonly recipe: Recipe }) {
  const act = useAct();
  const router = useRouter();
  return (
    <InkButton
      quiet
      danger
      label={t`Take it out`}
      hint={t`Take this version out of the recipes`}
      onPress={() => {
        act(
          { kind: 'kept', thing: 'recipe', key: recipeKey(recipe), value: null },
          t`${recipe.name} is taken out.`,
        );
        router.navigate('/brews/recipes');
      }}
    />
  );
}
