import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { everyLot, lotOf } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import { pitchOf } from '@/core/lots/pitch';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isSouthern } from '@/core/matter/seasons';
import { drinksNamed } from '@/core/recipes/drink-names';
import { library } from '@/core/recipes/library/registry';
import { recipeKey, type Recipe } from '@/core/recipes/recipe';
import { recipeVersions } from '@/core/recipes/recipe-versions';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { ChipRow } from '@/ui/controls/chip-row';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { ImportRecipe } from './import-recipe';
import { isWanted, outlookOf, type Outlook, type Wish } from './outlook';
import { PantryLine } from './pantry-line';
import { RecipeCard } from './recipe-card';
import { useStrengths } from './use-strengths';
import { t } from '@/core/language/t';

const wishOptions: readonly { readonly value: Wish; readonly label: string }[] = [
  { value: 'lives', label: t`Starter is here` },
  { value: 'house', label: t`All in the house` },
  { value: 'season', label: t`In season` },
  { value: 'week', label: t`A glass in a week` },
  { value: 'mild', label: t`At most 1 % alcohol` },
  { value: 'own', label: t`Our own` },
];

const fromLibrary = new Set(library.map(({ id }) => id));
const zone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** What is nearest to a glass stands first: rated well, its starter here, little to buy, in season. */
const nearness = ({ rating }: Recipe, { life, missing, season }: Outlook): number =>
  (rating ?? 3) +
  (life === 'here' || life === 'none-needed' ? 2 : 0) +
  (season === 'now' ? 1 : season === 'away' ? -1 : 0) -
  0.3 * (missing?.length ?? 0);

/** What shall I make: recipes by what lives here, what is in the house, the season, how soon and how strong. */
export function RecipesScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const lots = everyLot(household).filter(
    (lot) =>
      isLiving(lot) &&
      (lot.role === 'starter' ||
        (lot.role === 'brew' && pitchOf(lot, (id) => lotOf(household, id)) !== null)),
  );
  const { have } = useLocalSearchParams<{ have?: string }>();
  const [wishes, setWishes] = useState<readonly Wish[]>(have ? ['lives', 'house'] : []);
  const [text, setText] = useState('');
  const [importing, setImporting] = useState(false);
  const all = [...recipeVersions(household).values()].map((versions) => versions.at(-1)!);
  const strengths = useStrengths(all, lots);
  const south = isSouthern(zone());
  const wanted = text.trim().toLowerCase();
  const named = drinksNamed(wanted);
  const shown = all
    .map((recipe) => ({ recipe, outlook: outlookOf(recipe, household, lots, { now, south }) }))
    .filter(({ recipe, outlook }) =>
      wishes.every((wish) =>
        isWanted(
          wish,
          {
            outlook,
            alcohol: strengths.get(recipeKey(recipe))?.[1] ?? null,
            own: !fromLibrary.has(recipe.id),
          },
          now,
        ),
      ),
    )
    .filter(
      ({ recipe }) =>
        wanted === '' ||
        recipe.name.toLowerCase().includes(wanted) ||
        named.cultures.includes(recipe.culture) ||
        recipe.lines.some(
          ({ what }) => named.whats.includes(what) || ingredientOf(what).name.toLowerCase().includes(wanted),
        ),
    )
    .sort((a, b) => nearness(b.recipe, b.outlook) - nearness(a.recipe, a.outlook));
  return (
    <Screen title={t`What shall I make?`} over={t`Brews / recipes`} width={980}>
      <ChipRow
        label={t`What counts`}
        pick="any"
        options={wishOptions}
        isOn={(wish) => wishes.includes(wish)}
        onPress={(wish) =>
          setWishes(wishes.includes(wish) ? wishes.filter((each) => each !== wish) : [...wishes, wish])
        }
      />
      <PantryLine whats={all.flatMap(({ lines }) => lines.map(({ what }) => what))} />
      <TextBox
        label={t`Find`}
        value={text}
        onChange={setText}
        hint={t`A name, or something you have: plum, honey`}
      />
      {shown.length === 0 ? <NoneOfThese wishes={wishes} /> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {shown.map(({ recipe, outlook }) => (
          <RecipeCard
            key={recipe.id}
            recipe={recipe}
            outlook={outlook}
            strength={strengths.get(recipeKey(recipe)) ?? null}
          />
        ))}
      </View>
      <InkButton quiet label={t`Bring a recipe in`} onPress={() => setImporting(!importing)} />
      {importing ? <ImportRecipe /> : null}
    </Screen>
  );
}

const NoneOfThese = ({ wishes }: { readonly wishes: readonly Wish[] }) => (
  <Card>
    <Text as="subheading" level={2}>{t`None of these`}</Text>
    <Text>
      {wishes.includes('house')
        ? t`Say what is in the house, or ask for less at once.`
        : wishes.includes('lives')
          ? t`No starter here fits. A packet of yeast or raw peel starts without one.`
          : wishes.includes('mild')
            ? t`Only what can be brewed with what lives here is worked out.`
            : t`Compose one on the worktop and keep it, or bring a recipe file in.`}
    </Text>
  </Card>
);
