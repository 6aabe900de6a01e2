import { Text } from '../controls/text';
import { useRoles } from '../theme/use-roles';
import { ribbonTicks } from './ribbon-ticks';

interface Props {
  readonly start: number;
  readonly end: number;
  readonly now: number;
  readonly x: (at: number) => number;
  readonly top?: number;
}

const width = 72;

/** Noons, midnights and now, each standing on its moment. */
export function ClockTicks({ start, end, now, x, top = 0 }: Props) {
  const roles = useRoles();
  return ribbonTicks(start, end, now, x(end) - x(start)).map(({ at, label }) => (
    <Text
      key={at}
      as="label"
      color={roles.softText}
      style={{ position: 'absolute', width, textAlign: 'center', top, left: x(at) - width / 2 }}
    >
      {label}
    </Text>
  ));
}
