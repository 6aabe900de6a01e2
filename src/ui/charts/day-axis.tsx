import { View } from 'react-native';
import { Text } from '../controls/text';
import { useRoles } from '../theme/use-roles';
import { hourScale } from './lane-scale';

interface Props {
  /** Midnights inside the view: hour on the forecast's clock and the day's name. */
  readonly days: readonly { readonly hour: number; readonly label: string }[];
  readonly fromHour: number;
  readonly toHour: number;
  readonly width: number;
}

/** Names of days, each standing over its own day's noon. */
export function DayAxis({ days, fromHour, toHour, width }: Props) {
  const roles = useRoles();
  const x = hourScale(fromHour, toHour, width);
  const perDay = x(fromHour + 24) - x(fromHour);
  const every = Math.max(1, Math.ceil(46 / Math.max(1, perDay)));
  return (
    <View style={{ height: 22, overflow: 'hidden' }} aria-hidden>
      {days.map(({ hour, label }, index) => {
        const noon = hour + 12;
        if (index % every !== 0 || noon < fromHour || noon > toHour) return null;
        return (
          <Text
            key={hour}
            as="label"
            color={roles.softText}
            style={{ position: 'absolute', left: x(noon) - 30, width: 60, textAlign: 'center' }}
          >
            {label}
          </Text>
        );
      })}
    </View>
  );
}
