import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props {
  readonly label: string;
  readonly onPress: () => void;
  readonly quiet?: boolean;
  readonly danger?: boolean;
  readonly disabled?: boolean;
  /** Read from the stove. */
  readonly big?: boolean;
  readonly hint?: string;
  readonly shortcut?: string;
  readonly style?: StyleProp<ViewStyle>;
}

/** The main action is solid ink; a quiet one is an outline. */
export function InkButton({ label, onPress, quiet, danger, disabled, big, hint, shortcut, style }: Props) {
  const roles = useRoles();
  const ink = danger ? roles.danger : roles.button;
  const look = quiet ? { borderWidth: 1.5, borderColor: ink } : { backgroundColor: ink, ...corners.button };
  return (
    <Press
      role="button"
      aria-label={hint ?? label}
      onPress={onPress}
      disabled={disabled}
      style={[styles.button, corners.pill, look, style]}
    >
      <View style={styles.row}>
        <Text named as={big ? 'heading' : 'button'} color={quiet ? ink : roles.onButton} style={styles.label}>
          {label}
        </Text>
        {shortcut ? (
          <Text as="label" color={quiet ? roles.softText : roles.onButton}>
            {shortcut}
          </Text>
        ) : null}
      </View>
    </Press>
  );
}

const styles = StyleSheet.create({
  button: { paddingHorizontal: 18, paddingVertical: 12, alignItems: 'center', maxWidth: '100%' },
  row: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  label: { textAlign: 'center' },
});
