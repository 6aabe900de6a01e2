import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { knownCultures } from '@/core/cultures/registry';
import { everyLot, lotOf } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import { pitchOf } from '@/core/lots/pitch';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { library } from '@/core/recipes/library/registry';
import { boughtAs, type Recipe } from '@/core/recipes/recipe';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { WorktopJar } from '@/ui/drawings/worktop-jar';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { baseWords } from '@/words/brews/base-words';
import { drinksNamed } from '@/core/recipes/drink-names';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { jarFor } from '../brews/worktop/state/worktop-life';
import { accountOf } from './recipe-facts';
import { ImportRecipe } from './import-recipe';
import { recipeLayers } from './recipe-layers';

const filters = [
  { value: 'have', label: 'With what lives here' },
  { value: 'all', label: 'All' },
  { value: 'own', label: 'Our own' },
] as const;
type Filter = (typeof filters)[number]['value'];

const fromLibrary = new Set(library.map(({ id }) => id));

/** What shall I make with what I have: recipes by what lives in this kitchen, by name, by what goes in. */
export function RecipesScreen() {
  const household = useAppSelector(selectHousehold);
  const lots = everyLot(household).filter(
    (lot) =>
      isLiving(lot) &&
      (lot.role === 'starter' ||
        (lot.role === 'brew' && pitchOf(lot, (id) => lotOf(household, id)) !== null)),
  );
  const [filter, setFilter] = useState<Filter>('all');
  const [text, setText] = useState('');
  const [importing, setImporting] = useState(false);
  const all = [...recipeVersions(household).values()].map((versions) => versions.at(-1)!);
  const lives = (recipe: Recipe) =>
    knownCultures(recipe.culture)?.bare != null || jarFor(recipe.culture, lots) !== null;
  const wanted = text.trim().toLowerCase();
  const named = drinksNamed(wanted);
  const shown = all
    .filter((recipe) => filter === 'all' || (filter === 'own' ? !fromLibrary.has(recipe.id) : lives(recipe)))
    .filter(
      (recipe) =>
        wanted === '' ||
        recipe.name.toLowerCase().includes(wanted) ||
        named.cultures.includes(recipe.culture) ||
        recipe.lines.some(
          ({ what }) => named.whats.includes(what) || ingredientOf(what).name.toLowerCase().includes(wanted),
        ),
    )
    .sort((a, b) => (b.rating ?? 0) - (a.rating ?? 0));
  return (
    <Screen title="What shall I make?" over="Brews / recipes" width={980}>
      <Choice label="Recipes" options={filters} value={filter} onChange={setFilter} />
      <TextBox
        label="Find"
        value={text}
        onChange={setText}
        hint="A name, or something you have: plum, honey"
      />
      {shown.length === 0 ? (
        <Card>
          <Text as="subheading" level={2}>
            None of these
          </Text>
          <Text>
            {filter === 'have'
              ? 'No starter of this kitchen fits. Begin one, or choose All: a packet of yeast or raw peel starts without.'
              : 'Compose one on the worktop and keep it, or bring a recipe file in.'}
          </Text>
        </Card>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {shown.map((recipe) => (
          <RecipeCard key={recipe.id} recipe={recipe} />
        ))}
      </View>
      <InkButton quiet label="Bring a recipe in" onPress={() => setImporting(!importing)} />
      {importing ? <ImportRecipe /> : null}
    </Screen>
  );
}

function RecipeCard({ recipe }: { readonly recipe: Recipe }) {
  const roles = useRoles();
  const router = useRouter();
  const account = accountOf(recipe);
  const culture = knownCultures(recipe.culture);
  const living = boughtAs(recipe.culture) && culture?.packet ? `a packet of ${culture.name}` : culture?.name;
  const [from, to] = recipe.method.days;
  return (
    <Press
      role="link"
      aria-label={recipe.name}
      onPress={() => router.navigate(`/brews/recipe?id=${recipe.id}`)}
      style={{ flexGrow: 1, flexBasis: 340, maxWidth: 480 }}
    >
      <Card>
        <View style={{ flexDirection: 'row', gap: gap.medium, alignItems: 'center' }}>
          <WorktopJar jarMl={1150} layers={recipeLayers(recipe)} label="" height={92} />
          <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
            <Text as="subheading" lines={2}>
              {recipe.name}
            </Text>
            <Text color={roles.softText}>{`${baseWords[recipe.base]} · ${living ?? ''}`}</Text>
            <Text color={roles.softText}>
              {`${Math.round(account.totalGramsPerLitre)} g/L · ${from}–${to} days${recipe.version > 1 ? ` · version ${recipe.version}` : ''}${recipe.rating ? ` · ${recipe.rating} of 5` : ''}`}
            </Text>
          </View>
        </View>
      </Card>
    </Press>
  );
}
