import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRoles } from '../theme/use-roles';
import { useWide } from './use-wide';

interface Props {
  readonly list: ReactNode;
  /** Null when nothing is chosen. */
  readonly detail: ReactNode | null;
  readonly placeholder?: ReactNode;
}

/** List and detail side by side on a wide screen; one of them on a phone. */
export function SplitView({ list, detail, placeholder }: Props) {
  const roles = useRoles();
  const wide = useWide();
  if (!wide) return <>{detail ?? list}</>;
  return (
    <View style={styles.row}>
      <View style={[styles.list, { borderColor: roles.hairline }]}>{list}</View>
      <View style={styles.detail}>{detail ?? placeholder}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flex: 1, flexDirection: 'row' },
  list: { width: 340, borderRightWidth: 1 },
  detail: { flex: 1, minWidth: 0 },
});
