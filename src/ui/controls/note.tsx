import { StyleSheet } from 'react-native';
import { Surface } from 'react-native-paper';
import { Icon } from '../icons/icon';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';

interface Props {
  readonly tone: 'caution' | 'danger' | 'plain';
  readonly children: string;
  readonly testID?: string;
}

/** A calm caution or remark, where the hand is. */
export function Note({ tone, children, testID }: Props) {
  const roles = useRoles();
  const color = tone === 'danger' ? roles.danger : tone === 'caution' ? roles.warning : roles.softText;
  return (
    <Surface
      mode="flat"
      elevation={0}
      {...(testID ? { testID } : {})}
      {...(tone === 'danger' ? { role: 'alert' as const } : {})}
      style={[styles.note, corners.note, { borderColor: tone === 'plain' ? roles.hairline : color }]}
    >
      {tone === 'plain' ? null : <Icon name="caution" color={color} size={22} />}
      <Text style={styles.text} color={tone === 'plain' ? roles.softText : roles.text}>
        {children}
      </Text>
    </Surface>
  );
}

const styles = StyleSheet.create({
  note: { flexDirection: 'row', gap: 10, borderWidth: 1, paddingHorizontal: 12, paddingVertical: 10 },
  text: { flex: 1 },
});
