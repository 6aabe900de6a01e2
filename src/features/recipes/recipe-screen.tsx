import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { knownCultures } from '@/core/cultures/registry';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { library } from '@/core/recipes/library/registry';
import { portionOfLine, recipeKey, type Recipe } from '@/core/recipes/recipe';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { WorktopJar } from '@/ui/drawings/worktop-jar';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { amountOf, grams, kitchenMeasure, millilitres } from '@/words/amounts';
import { baseWords } from '@/words/brews/base-words';
import { cautionsOf } from '@/words/kitchen/caution-words';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { methodLabel, methodOptions, whenOptions } from '@/words/brews/method-words';
import { accountWords, alcoholPlain } from '@/words/brews/worktop-words';
import { Nowhere } from '@/ui/layout/nowhere';
import { CopyIt, Opinion, TakeOut } from './recipe-acts';
import { accountOf } from './recipe-facts';
import { recipeLayers } from './recipe-layers';
import { Batches, Versions } from './recipe-past';
import { saveRecipeFile } from './save-recipe';
import { t } from '@/core/language/t';

const fromLibrary = new Set(library.map((recipe) => recipeKey(recipe)));

/** A recipe: its ratios, how it goes, its versions and what changed, what came of it. */
export function RecipeScreen() {
  const { id, version } = useLocalSearchParams<{ id?: string; version?: string }>();
  const household = useAppSelector(selectHousehold);
  const versions = recipeVersions(household).get(id ?? '') ?? [];
  const recipe = versions.find((each) => String(each.version) === version) ?? versions.at(-1);
  if (!recipe) return <Nowhere what="recipe" back="/brews/recipes" />;
  return <Shown key={recipeKey(recipe)} recipe={recipe} versions={versions} />;
}

function Shown({ recipe, versions }: { readonly recipe: Recipe; readonly versions: readonly Recipe[] }) {
  const roles = useRoles();
  const router = useRouter();
  const account = accountOf(recipe);
  const keys = Object.keys(methodOptions) as (keyof typeof methodOptions)[];
  return (
    <Screen title={recipe.name} over={t`Recipes / ${baseWords[recipe.base].toLowerCase()}`} width={820}>
      {recipe.about ? <Text>{recipe.about}</Text> : null}
      <Card label={t`A litre of it`}>
        <View style={{ flexDirection: 'row', gap: gap.large, flexWrap: 'wrap' }}>
          <WorktopJar
            jarMl={1150}
            layers={recipeLayers(recipe)}
            label={t`A litre of it in layers`}
            height={150}
          />
          <View style={{ flex: 1, minWidth: 230, gap: 2 }}>
            <Text as="strong">{t`For a litre in the jar`}</Text>
            {recipe.lines.map((line) => {
              const portion = portionOfLine(line, 1);
              const kitchen = kitchenMeasure(portion);
              const when = whenOptions.find(({ value }) => value === line.when)!.label.toLowerCase();
              return (
                <Text key={`${line.what}-${line.when}`}>
                  {`${amountOf(portion)}${kitchen === null ? '' : ` (${kitchen})`} ${ingredientOf(line.what).name.toLowerCase()}${line.form ? `, ${line.form}` : ''}: ${when}`}
                </Text>
              );
            })}
            <Text>{lifeWords(recipe)}</Text>
          </View>
        </View>
        <Text as="strong">{t`${Math.round(account.totalGramsPerLitre)} g/L of sugar · SG ${account.gravity.toFixed(3)} · ${recipe.method.days[0]}–${recipe.method.days[1]} days at 22 °C`}</Text>
        <Text>{accountWords(account)}</Text>
        <Text color={roles.softText}>
          {keys.map((key) => methodLabel(key, recipe.method[key])).join(' · ')}
        </Text>
        {cautionsOf({
          portions: recipe.lines.map((line) => portionOfLine(line, 1)),
          cultureId: recipe.culture,
          closure: recipe.method.closure,
        }).map((words) => (
          <Note key={words} tone="caution">
            {words}
          </Note>
        ))}
        <Text color={roles.softText}>{alcoholPlain}</Text>
      </Card>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={t`Lay it out`}
          hint={t`Lay it out on the worktop`}
          onPress={() => router.navigate(`/brews/new?recipe=${recipe.id}@${recipe.version}`)}
        />
        <CopyIt recipe={recipe} />
        <InkButton quiet label={t`Save as a file`} onPress={() => saveRecipeFile(recipe)} />
      </View>
      <Opinion recipe={recipe} />
      <Versions versions={versions} shown={recipe} />
      <Batches recipe={recipe} />
      {fromLibrary.has(recipeKey(recipe)) ? null : <TakeOut recipe={recipe} />}
    </Screen>
  );
}

function lifeWords({ culture: id, dosePerLitre }: Recipe): string {
  const culture = knownCultures(id);
  if (!culture || culture.bare) return t`No starter: it lives on what goes in.`;
  return `${culture.unit === 'ml' ? millilitres(dosePerLitre) : grams(dosePerLitre)} ${culture.name}`;
}
