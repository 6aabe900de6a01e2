import { StyleSheet, View } from 'react-native';
import { ActivityIndicator } from 'react-native-paper';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';

/** Something is on its way: what, in words, with a wheel that turns. */
export function Waiting({ children }: { readonly children: string }) {
  const roles = useRoles();
  return (
    <View style={styles.line}>
      <ActivityIndicator size={20} color={roles.brew} aria-hidden />
      <Text live style={styles.words}>
        {children}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  words: { flex: 1 },
});
