import { useId } from 'react';
import { View } from 'react-native';
import { usePickerStyle } from './picker-style';
import { Text } from './text';

interface Props {
  readonly label: string;
  /** From midnight. */
  readonly minutes: number;
  readonly onChange: (minutes: number) => void;
}

const two = (value: number) => String(value).padStart(2, '0');

/** Minutes from midnight as a clock shows them. @example clockOf(390) // '06:30' */
export const clockOf = (minutes: number): string => `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;

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

/** A time of the day, by the browser's own picker. */
export function TimeBox({ label, minutes, onChange }: Props) {
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
        defaultValue={clockOf(minutes)}
        onBlur={(event) => {
          const value = minutesOf(event.target.value);
          if (value !== null && value !== minutes) onChange(value);
        }}
        style={style}
      />
    </View>
  );
}
