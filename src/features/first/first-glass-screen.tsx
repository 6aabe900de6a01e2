import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { knownGuides, waysToBegin } from '@/core/cultures/guides/registry';
import { dayMs } from '@/core/duration';
import { celsiusAt } from '@/core/kitchen/places';
import { libraryFor } from '@/core/recipes/library/library-for';
import { portionOfLine } from '@/core/recipes/recipe';
import { firstBrewMl } from '@/core/starter/first-brew';
import { firstGlass, firstShopping } from '@/core/starter/first-glass';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { portionWords } from '@/words/amounts';
import { glassWords, houseWords, wayWords } from '@/words/starters/first-glass-words';
import { ByWhen } from './by-when';
import { Stages } from './stages';
import { t } from '@/core/language/t';

/** What a first jar holds, ml. */
const firstJarMl = 700;

/** From what somebody has to a first glass: the days, what to buy, what to have, and what will be seen. */
export function FirstGlassScreen() {
  const { got } = useLocalSearchParams<{ got?: string }>();
  const router = useRouter();
  const now = useNow();
  const { warmths } = useAppSelector(selectHousehold);
  const { way, culture } = waysToBegin.find((each) => each.way.id === got) ?? waysToBegin[0]!;
  const recipes = libraryFor(culture.id);
  const [drink, setDrink] = useState<string | null>(recipes[0]?.id ?? null);
  const recipe = recipes.find(({ id }) => id === drink) ?? recipes[0];
  const guide = knownGuides(culture.id);
  const celsius = celsiusAt(warmths, 'counter', now);
  const stages = firstGlass(way, culture, guide, recipe?.method.days ?? null, celsius, now);
  const { title, range } = glassWords(stages, now);
  const ripens = (stages[1]!.usual - now) / dayMs;
  const lines = way.makes === 'brew' ? [] : (recipe?.lines ?? []);
  const brew = lines.map((line) => portionOfLine(line, firstBrewMl / 1000));
  const { bought, had } = firstShopping(way, culture, brew, firstJarMl, ripens);
  return (
    <Screen title={title} over={way.have ?? way.group}>
      <Text testID="glass-range">{range}</Text>
      {recipes.length > 1 ? (
        <Choice
          titled
          label={t`What would you like to drink?`}
          options={recipes.map(({ id, name }) => ({ value: id, label: name }))}
          value={recipe?.id ?? null}
          onChange={setDrink}
        />
      ) : null}
      <ByWhen glass={stages.at(-1)!} celsius={celsius} now={now} />
      <Card label={t`The way there`} testID="way">
        <Stages stages={wayWords(stages, { way, keeping: culture.keeping, guide }, now)} />
      </Card>
      <Card label={t`What it takes`}>
        <Listed title={t`Of what you have`} testID="had" lines={had.map(portionWords)} />
        <Listed title={t`To buy`} testID="to-buy" lines={bought.map(portionWords)} />
        <Listed title={t`In the house`} lines={houseWords} />
      </Card>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={t`Begin it now`}
          onPress={() => router.navigate(`/starters/new?way=${way.id}`)}
          style={{ flexGrow: 1 }}
        />
        <InkButton quiet label={t`I have something else`} onPress={() => router.back()} />
      </View>
    </Screen>
  );
}

function Listed({
  title,
  lines,
  testID,
}: {
  readonly title: string;
  readonly lines: readonly string[];
  readonly testID?: string;
}) {
  if (lines.length === 0) return null;
  return (
    <>
      <Text as="subheading" level={2}>
        {title}
      </Text>
      <View testID={testID} style={{ gap: 4 }}>
        {lines.map((line) => (
          <Text key={line}>{line}</Text>
        ))}
      </View>
    </>
  );
}
