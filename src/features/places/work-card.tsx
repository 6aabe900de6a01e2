import { View } from 'react-native';
import { format } from 'date-fns/format';
import { workingKey, workingOf } from '@/core/settings/working-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { ChipRow } from '@/ui/controls/chip-row';
import { Text } from '@/ui/controls/text';
import { TimeBox } from '@/ui/controls/time-box';
import { gap } from '@/ui/theme/shape';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** Monday first. 4 January 2026 is a Sunday. */
const weekdays = [1, 2, 3, 4, 5, 6, 0].map((value) => ({
  value,
  label: format(new Date(2026, 0, 4 + value), 'EEE'),
}));

/** When nobody is in the kitchen by day: no brew day, bottling or chilling is planned then. */
export function WorkCard() {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const working = workingOf(household);
  const set = (change: Partial<typeof working>) =>
    act(
      { kind: 'kept', thing: 'working', key: workingKey, value: { ...working, ...change } },
      t`Noted. Nothing is planned for these hours.`,
    );
  const toggled = (day: number) =>
    working.weekdays.includes(day)
      ? working.weekdays.filter((each) => each !== day)
      : [...working.weekdays, day].sort();
  return (
    <Card label={t`Work`} testID="working">
      <Text as="subheading" level={2}>{t`I am at work`}</Text>
      <ChipRow
        label={t`Working days`}
        pick="any"
        options={weekdays}
        isOn={(day) => working.weekdays.includes(day)}
        onPress={(day) => set({ weekdays: toggled(day) })}
      />
      {working.weekdays.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
          <TimeBox label={t`Work from`} minutes={working.from} onChange={(from) => set({ from })} />
          <TimeBox label={t`Work until`} minutes={working.to} onChange={(to) => set({ to })} />
        </View>
      ) : null}
    </Card>
  );
}
