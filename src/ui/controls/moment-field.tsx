import { format } from 'date-fns/format';
import { View } from 'react-native';
import { usePickerStyle } from './picker-style';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';

interface Props {
  readonly label: string;
  /** Null while none is chosen. */
  readonly value: number | null;
  readonly onChange: (at: number | null) => void;
  readonly min?: number;
  readonly max?: number;
  /** A day alone, at noon. */
  readonly dayOnly?: boolean;
  /** What was understood, under the field. */
  readonly said?: string;
}

const typedAt = (at: number, dayOnly: boolean) => format(at, dayOnly ? 'yyyy-MM-dd' : "yyyy-MM-dd'T'HH:mm");

/** A day and an hour, by the browser's own picker. */
export function MomentField({ label, value, onChange, min, max, said, dayOnly = false }: Props) {
  const roles = useRoles();
  const style = usePickerStyle();
  const typed = (at: number) => typedAt(at, dayOnly);
  return (
    <View style={{ gap: 4, flexGrow: 1, minWidth: 220 }}>
      <Text as="strong">{label}</Text>
      <input
        type={dayOnly ? 'date' : 'datetime-local'}
        aria-label={label}
        {...(min === undefined ? {} : { min: typed(min) })}
        {...(max === undefined ? {} : { max: typed(max) })}
        value={value === null ? '' : typed(value)}
        onChange={(event) => {
          const at = new Date(dayOnly ? `${event.target.value}T12:00` : event.target.value).getTime();
          onChange(Number.isFinite(at) ? at : null);
        }}
        style={style}
      />
      {said === undefined ? null : <Text color={roles.softText}>{said}</Text>}
    </View>
  );
}
