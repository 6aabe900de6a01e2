import { View } from 'react-native';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';

interface Props {
  readonly value: string;
  readonly unit: string;
  readonly range?: string;
}

/** A number first, its unit small, its honest range below. */
export function Figure({ value, unit, range }: Props) {
  const roles = useRoles();
  return (
    <View style={{ flexGrow: 1, flexBasis: 90 }}>
      <Text as="figure">{value}</Text>
      <Text color={roles.softText}>{unit}</Text>
      {range ? <Text color={roles.softText}>{range}</Text> : null}
    </View>
  );
}
