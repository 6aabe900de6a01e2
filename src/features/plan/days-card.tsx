import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { planDays, type DatedPlan, type DayItem, type PlanDay } from '@/core/plan/plan-days';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { dayItemWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';

interface Props {
  readonly plans: readonly DatedPlan[];
  readonly nameOf: (wishId: string) => string;
  readonly now: number;
}

const fourWeeks = 28;

/** All plans by the day: four weeks at a glance where there is room, else a row for each day that asks for something. */
export function DaysCard({ plans, nameOf, now }: Props) {
  const wide = useWide();
  const days = planDays(plans, now, fourWeeks);
  const told = (item: DayItem) => dayItemWords(item, nameOf(item.wishId));
  return (
    <Card label={t`Day by day`} testID="plan-days">
      <Text as="subheading" level={2}>{t`Day by day`}</Text>
      {wide ? <Weeks days={days} told={told} /> : <Rows days={days} told={told} />}
    </Card>
  );
}

interface DaysProps {
  readonly days: readonly PlanDay[];
  readonly told: (item: DayItem) => string;
}

const Rows = ({ days, told }: DaysProps) =>
  days
    .filter(({ items }) => items.length > 0)
    .map(({ day, items }) => (
      <View key={day} style={{ gap: 2 }}>
        <Text as="strong">{format(day, 'EEEE d MMM')}</Text>
        {items.map((item) => (
          <Text key={`${item.wishId} ${item.kind} ${item.from}`}>{told(item)}</Text>
        ))}
      </View>
    ));

/** Monday first. */
const weekdayOf = (day: number): number => (new Date(day).getDay() + 6) % 7;

function Weeks({ days, told }: DaysProps) {
  const roles = useRoles();
  const before = Array.from({ length: weekdayOf(days[0]!.day) }, (_, i) => -1 - i);
  return (
    <View style={styles.weeks}>
      {before.map((key) => (
        <View key={key} style={styles.day} />
      ))}
      {days.map(({ day, items }, i) => (
        <View key={day} style={[styles.day, { backgroundColor: roles.well }]}>
          <Text as="label" color={i === 0 ? roles.brew : roles.softText}>
            {format(day, weekdayOf(day) === 0 || i === 0 ? 'EEE d MMM' : 'EEE d')}
          </Text>
          {items.map((item) => (
            <Text key={`${item.wishId} ${item.kind} ${item.from}`} as="label">
              {told(item)}
            </Text>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  weeks: { flexDirection: 'row', flexWrap: 'wrap', gap: gap.hair },
  day: { width: '13.8%', minHeight: 84, padding: 6, borderRadius: 8, gap: 2 },
});
