import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Icon } from '../icons/icon';
import { corners, gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props {
  readonly title: string;
  /** What stands in it, in one line. */
  readonly summary: string;
  readonly open: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

/** One line that says what it holds, and opens where it stands. */
export function FoldLine({ title, summary, open, onPress, children }: Props) {
  const roles = useRoles();
  return (
    <View
      style={[
        corners.note,
        styles.frame,
        { backgroundColor: roles.card, borderColor: open ? roles.brew : roles.hairline },
      ]}
    >
      <Press role="button" aria-expanded={open} aria-label={`${title}: ${summary}`} onPress={onPress}>
        <View style={styles.line}>
          <View style={{ flex: 1, minWidth: 0 }}>
            <Text as="label" color={roles.softText}>
              {title}
            </Text>
            <Text as="strong" lines={2}>
              {summary}
            </Text>
          </View>
          <View style={open ? styles.turned : undefined}>
            <Icon name="next" color={roles.softText} size={22} />
          </View>
        </View>
      </Press>
      {open ? <View style={styles.inside}>{children}</View> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { borderWidth: 1, paddingHorizontal: gap.medium, paddingVertical: 2 },
  line: { flexDirection: 'row', alignItems: 'center', gap: gap.medium, minHeight: 54 },
  turned: { transform: [{ rotate: '90deg' }] },
  inside: { gap: gap.small, paddingBottom: gap.medium },
});
