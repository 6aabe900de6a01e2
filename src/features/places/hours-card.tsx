import { useId } from 'react';
import { View } from 'react-native';
import { wakingKey, wakingOf } from '@/core/settings/waking-hours';
import { habitsOf } from '@/core/tasting/habits';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { absenceWords } from '@/words/kitchen/absence-words';
import { usePickerStyle } from '../forms/picker-style';
import { useAct } from '../acts/act-context';

const two = (value: number) => String(value).padStart(2, '0');
const typed = (minutes: number) => `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;

/** Minutes of a time as the browser gives it; null for one that is none. */
function minutesOf(text: string): number | null {
  const [hours, minutes] = text.split(':').map(Number);
  return hours !== undefined &&
    minutes !== undefined &&
    hours >= 0 &&
    hours < 24 &&
    minutes >= 0 &&
    minutes < 60
    ? hours * 60 + minutes
    : null;
}

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
        `Up from ${typed(next.from)} to ${typed(next.to)}. Feeds are asked for then.`,
      );
  };
  return (
    <Card label="Hours" testID="waking">
      <Text as="subheading" level={2}>
        I am up
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TimeBox label="From" minutes={waking.from} onChange={(from) => set({ from })} />
        <TimeBox label="To" minutes={waking.to} onChange={(to) => set({ to })} />
      </View>
      <Text>
        Feeds that would fall in the night are asked for before bed; several that fall near each other come as
        one round. Pressure is never put off.
      </Text>
      {out ? <Text testID="absence">{out}</Text> : null}
    </Card>
  );
}

function TimeBox({
  label,
  minutes,
  onChange,
}: {
  readonly label: string;
  readonly minutes: number;
  readonly onChange: (minutes: number) => void;
}) {
  const style = usePickerStyle();
  const id = useId();
  return (
    <View style={{ gap: 4, minWidth: 130 }}>
      <label htmlFor={id}>
        <Text as="strong">{label}</Text>
      </label>
      <input
        id={id}
        type="time"
        defaultValue={typed(minutes)}
        onBlur={(event) => {
          const value = minutesOf(event.target.value);
          if (value !== null && value !== minutes) onChange(value);
        }}
        style={style}
      />
    </View>
  );
}
