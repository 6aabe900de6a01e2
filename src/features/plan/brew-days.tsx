import { useRouter } from 'expo-router';
import { useEffect, useMemo } from 'react';
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

interface Props {
  readonly now: number;
  /** What stands here is counted among what the day asks for. */
  readonly onDays: (days: readonly { readonly from: number; readonly until: number }[]) => void;
}

/** Brew days of the plans that were taken, among what Today asks for. */
export function BrewDays({ now, onDays }: Props) {
  const household = useAppSelector(selectHousehold);
  const router = useRouter();
  const days = useMemo(
    () =>
      openWishes(household, now).flatMap(({ taken, ...wish }) =>
        taken && taken.pitchAt < now + aheadMs
          ? [
              {
                ...wish,
                recipe: taken.recipe,
                from: taken.pitchAt,
                until: Math.max(now, taken.pitchAt) + brewDayHours * hourMs,
              },
            ]
          : [],
      ),
    [household, now],
  );
  useEffect(() => {
    onDays(days);
    return () => onDays([]);
  }, [days, onDays]);
  return days.map(({ id, recipe, ml, by, from, until }) => (
    <Card key={id} label={t`Planned`} testID="brew-day">
      <Text as="heading" level={2}>{t`Brew ${recipeNamed(recipe, household)}, ${litres(ml)}`}</Text>
      <Text as="strong">{betweenWords(from, until, now)}</Text>
      <Text>{t`So that it stands cold by ${moment(by, now)}.`}</Text>
      <InkButton
        label={t`Lay it out`}
        onPress={() => router.navigate(`/brews/new?recipe=${recipe}&ml=${ml}`)}
      />
      <InkButton quiet label={t`The plan`} onPress={() => router.navigate('/plan')} />
    </Card>
  ));
}
