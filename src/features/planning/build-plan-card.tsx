import { View } from 'react-native';
import type { BuildUp } from '@/core/starter/build-up';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';

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
  const late = plan.readyAt > wantedAt + 60_000;
  return (
    <Card label="Plan" testID="build-plan">
      {late ? (
        <Text as="strong">{`Not by ${moment(wantedAt, now)}: the soonest is ${moment(quarter(plan.soonest), now)}.`}</Text>
      ) : null}
      {plan.wakeAt === null ? null : (
        <Text>{`${plan.wakeAt <= now + 60_000 ? 'Now' : capital(moment(quarter(plan.wakeAt), now))}: out of the fridge, onto the counter.`}</Text>
      )}
      {plan.feeds.map((feed) => (
        <View key={feed.at} style={{ gap: 2 }}>
          <Text as="strong">{feed.at <= now + 60_000 ? 'Now' : moment(quarter(feed.at), now)}</Text>
          <Text>{`${portionsWords(feed.portions)}; it comes to ${Math.round(feed.comesTo)} ${unit}.`}</Text>
        </View>
      ))}
      <Text color={roles.softText}>
        {`At its peak ${moment(quarter(plan.readyAt), now)}: draw ${Math.round(plan.amount)} ${unit}.`}
      </Text>
    </Card>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
