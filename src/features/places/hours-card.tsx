import { View } from 'react-native';
import { wakingKey, wakingOf } from '@/core/settings/waking-hours';
import { habitsOf } from '@/core/tasting/habits';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { absenceWords } from '@/words/kitchen/absence-words';
import { clockOf, TimeBox } from '@/ui/controls/time-box';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** When somebody is up: feeds are asked for within these hours. */
export function HoursCard() {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const waking = wakingOf(household);
  const out = absenceWords(habitsOf(household).absence);
  const set = (change: Partial<typeof waking>) => {
    const next = { ...waking, ...change };
    if (next.from !== next.to)
      act(
        { kind: 'kept', thing: 'waking', key: wakingKey, value: next },
        t`Up from ${clockOf(next.from)} to ${clockOf(next.to)}. Feeds are asked for then.`,
      );
  };
  return (
    <Card label={t`Hours`} testID="waking">
      <Text as="subheading" level={2}>{t`I am up`}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TimeBox label={t`From`} minutes={waking.from} onChange={(from) => set({ from })} />
        <TimeBox label={t`To`} minutes={waking.to} onChange={(to) => set({ to })} />
      </View>
      <Text>{t`Feeds that would fall in the night come before bed. Several that fall near each other come as one round. Pressure is never put off.`}</Text>
      {out ? <Text testID="absence">{out}</Text> : null}
    </Card>
  );
}
