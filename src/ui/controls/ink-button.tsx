import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { Button } from 'react-native-paper';
import { corners, touch } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { webStyle } from '../theme/web-style';
import { type } from '../theme/type';
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
  const words = quiet ? ink : roles.onButton;
  return (
    <Button
      mode={quiet ? 'outlined' : 'contained'}
      accessibilityLabel={hint ?? label}
      onPress={onPress}
      disabled={disabled ?? false}
      buttonColor={quiet ? 'transparent' : ink}
      textColor={words}
      contentStyle={[styles.content, quiet ? styles.outlined : null]}
      labelStyle={[big ? type.heading : type.button, styles.label, wrapped, { color: words }]}
      style={[
        quiet ? corners.pill : corners.button,
        { borderColor: ink, borderWidth: quiet ? 1.5 : 0, maxWidth: '100%' },
        quiet ? null : { backgroundColor: ink },
        disabled ? styles.disabled : null,
        style,
      ]}
    >
      {shortcut ? (
        <View style={styles.row}>
          <Text as="button" color={words}>
            {label}
          </Text>
          <Text as="label" color={quiet ? roles.softText : roles.onButton}>
            {shortcut}
          </Text>
        </View>
      ) : (
        label
      )}
    </Button>
  );
}

// Paper keeps a label to one line; ours say what is done with how much, and may be broken.
const wrapped = webStyle({ whiteSpace: 'normal', overflow: 'visible', overflowWrap: 'anywhere' });

const styles = StyleSheet.create({
  content: { minHeight: touch, paddingHorizontal: 18, paddingVertical: 11 },
  // The line round it counts as well.
  outlined: { minHeight: touch - 3, paddingVertical: 10 },
  label: { marginHorizontal: 0, marginVertical: 0, textAlign: 'center' },
  disabled: { opacity: 0.45 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'center' },
});
