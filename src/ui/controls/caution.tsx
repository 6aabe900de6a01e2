import { StyleSheet, View } from 'react-native';
import { Icon } from '../icons/icon';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';

/** One line that guards the hand, with its sign, beside the button it is about. */
export function Caution({ children }: { readonly children: string }) {
  const roles = useRoles();
  return (
    <View role="note" style={styles.line}>
      <Icon name="caution" color={roles.warning} size={22} />
      <Text style={styles.text}>{children}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 10, alignItems: 'center' },
  text: { flex: 1 },
});
