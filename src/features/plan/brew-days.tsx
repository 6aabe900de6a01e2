import { useRouter } from 'expo-router';
import { dayMs, hourMs } from '@/core/duration';
import { brewDayHours } from '@/core/plan/choices';
import { openWishes } from '@/core/plan/wished';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { litres } from '@/words/amounts';
import { moment } from '@/words/moment';
import { betweenWords } from '@/words/when';
import { t } from '@/core/language/t';
import { recipeNamed } from './recipe-named';

/** So far ahead a brew day stands on Today, ms. */
const aheadMs = 2 * dayMs;

/** Brew days of the plans that were taken, among what Today asks for. */
export function BrewDays({ now }: { readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const router = useRouter();
  return openWishes(household, now).flatMap(({ key, ml, by, taken }) =>
    taken && taken.pitchAt < now + aheadMs ? (
      <Card key={key} label={t`Planned`} testID="brew-day">
        <Text as="heading" level={2}>{t`Brew ${recipeNamed(taken.recipe, household)}, ${litres(ml)}`}</Text>
        <Text as="strong">
          {betweenWords(taken.pitchAt, Math.max(now, taken.pitchAt) + brewDayHours * hourMs, now)}
        </Text>
        <Text>{t`So that it stands cold by ${moment(by, now)}.`}</Text>
        <InkButton
          label={t`Lay it out`}
          onPress={() => router.navigate(`/brews/new?recipe=${taken.recipe}&ml=${ml}`)}
        />
        <InkButton quiet label={t`The plan`} onPress={() => router.navigate('/plan')} />
      </Card>
    ) : (
      []
    ),
  );
}
