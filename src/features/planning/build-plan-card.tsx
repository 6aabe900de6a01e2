import { View } from 'react-native';
import type { BuildUp } from '@/core/starter/build-up';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords, volume } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

/** The feeds of a build-up, one under the other, and what it comes to. */
export function PlanCard({
  plan,
  wantedAt,
  now,
  unit,
}: {
  readonly plan: BuildUp;
  readonly wantedAt: number;
  readonly now: number;
  readonly unit: 'ml' | 'g';
}) {
  const roles = useRoles();
  const said = (amount: number) => (unit === 'ml' ? volume(Math.round(amount)) : t`${Math.round(amount)} g`);
  const late = plan.readyAt > wantedAt + 60_000;
  return (
    <Card label={t`Plan`} testID="build-plan">
      {late ? (
        <Text as="strong">{t`Not by ${moment(wantedAt, now)}: the soonest is ${moment(quarter(plan.soonest), now)}.`}</Text>
      ) : null}
      {plan.wakeAt === null ? null : (
        <Text>{t`${plan.wakeAt <= now + 60_000 ? t`Now` : capital(moment(quarter(plan.wakeAt), now))}: out of the fridge, onto the counter.`}</Text>
      )}
      {plan.feeds.map((feed) => (
        <View key={feed.at} style={{ gap: 2 }}>
          <Text as="strong">{feed.at <= now + 60_000 ? t`Now` : moment(quarter(feed.at), now)}</Text>
          <Text>{t`${portionsWords(feed.portions)}; it comes to ${said(feed.comesTo)}.`}</Text>
        </View>
      ))}
      <Text color={roles.softText}>
        {t`At its peak ${moment(quarter(plan.readyAt), now)}: draw ${said(plan.amount)}.`}
      </Text>
    </Card>
  );
}
