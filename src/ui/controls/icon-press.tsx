import { StyleSheet } from 'react-native';
import { IconButton } from 'react-native-paper';
import { Icon } from '../icons/icon';
import type { GlyphName } from '../icons/glyphs';
import { touch } from '../theme/shape';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly icon: GlyphName;
  /** What it does, for screen readers. */
  readonly label: string;
  readonly onPress: () => void;
}

/** A button that is one icon. */
export function IconPress({ icon, label, onPress }: Props) {
  const roles = useRoles();
  return (
    <IconButton
      icon={({ color, size }) => <Icon name={icon} color={color} size={size} />}
      iconColor={roles.text}
      size={24}
      accessibilityLabel={label}
      onPress={onPress}
      style={styles.button}
    />
  );
}

const styles = StyleSheet.create({ button: { width: touch, height: touch, margin: 0 } });
