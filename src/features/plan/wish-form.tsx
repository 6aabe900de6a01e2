import { useState } from 'react';
import { View } from 'react-native';
import { onClock } from '@/core/calendar';
import { dayMs } from '@/core/duration';
import { parseNumber } from '@/core/measures/parse-measure';
import { recipeKey } from '@/core/recipes/recipe';
import type { WishTerms } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { litres } from '@/words/amounts';
import { t } from '@/core/language/t';
import { usePlanActs } from './use-plan-acts';
import { livesHere, newestRecipes } from './ways';
import { useReadyWays } from './use-ready-ways';
import { standingOf, WishOften, type Often } from './wish-often';
import { WishTermsLine } from './wish-terms';

/** What is counted, and how much it is, ml. */
const counted = [
  { value: 250, label: t`Glasses` },
  { value: 500, label: t`Bottles` },
  { value: 1000, label: t`Litres` },
] as const;

/** Says what is wished: what, how much, by when or how often, for whom. */
export function WishForm({ now, onDone }: { readonly now: number; readonly onDone: () => void }) {
  const household = useAppSelector(selectHousehold);
  const { wishFor } = usePlanActs();
  const cultures = new Set(livesHere(household).map(({ culture }) => culture));
  const recipes = newestRecipes(household).filter(({ culture }) => cultures.has(culture));
  const [recipe, setRecipe] = useState('');
  const [each, setEach] = useState<(typeof counted)[number]['value']>(250);
  const [typed, setTyped] = useState('12');
  const [often, setOften] = useState<Often>(() => ({
    kind: 'once',
    days: '2',
    weekly: '6',
    by: onClock(now + 8 * dayMs, 18 * 60),
  }));
  const [terms, setTerms] = useState<WishTerms>({});
  const ml = parseNumber(typed) * each;
  const fine = ml >= 100 && ml <= 100_000;
  useReadyWays(fine ? { recipe, ml, terms } : null, now);
  const standing = standingOf(often, each, now);
  // What is always there is wished for from now on.
  const by = often.kind === 'stock' ? now : often.by;
  const inTime = by !== null && (often.kind === 'stock' || by > now);
  return (
    <Card label={t`A wish`} testID="wish-form">
      <Text as="subheading" level={2}>{t`What shall be drunk, and when?`}</Text>
      <Choice
        label={t`What`}
        options={[
          { value: '', label: t`Whatever works` },
          ...recipes.map((one) => ({ value: recipeKey(one), label: one.name })),
        ]}
        value={recipe}
        onChange={setRecipe}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium, alignItems: 'flex-start' }}>
        <TextBox
          label={t`How much`}
          value={typed}
          onChange={setTyped}
          numeric
          echo={fine ? t`= ${litres(ml)}` : undefined}
          error={fine ? undefined : t`A number of glasses, bottles or litres.`}
        />
        <Choice titled label={t`Counted in`} options={counted} value={each} onChange={setEach} />
      </View>
      <WishOften
        often={often}
        each={each}
        now={now}
        onChange={(change) => setOften({ ...often, ...change })}
      />
      <WishTermsLine terms={terms} onChange={setTerms} />
      <InkButton
        label={t`Plan it`}
        disabled={!fine || !inTime || standing === null}
        onPress={() => {
          if (by !== null)
            wishFor({
              recipe,
              ml,
              by,
              ...(standing ? { standing } : {}),
              ...(Object.keys(terms).length > 0 ? { terms } : {}),
            });
          onDone();
        }}
      />
    </Card>
  );
}
