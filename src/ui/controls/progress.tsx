import { StyleSheet, View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { useRoles } from '../theme/use-roles';

/** How far a thing of several steps is, 0–1; what it means is said in words beside it. Left out, nobody knows how far. */
export function Progress({ share }: { readonly share?: number }) {
  const roles = useRoles();
  return (
    // Paper's bar is as high as what it stands in.
    <View style={styles.bar} aria-hidden>
      <ProgressBar
        {...(share === undefined ? { indeterminate: true } : { progress: share })}
        color={roles.brew}
        style={[styles.bar, { backgroundColor: roles.hairline }]}
      />
    </View>
  );
}

const styles = StyleSheet.create({ bar: { height: 7, borderRadius: 3 } });
