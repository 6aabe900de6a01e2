import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import { Icon } from '../icons/icon';
import { gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet from below, in thumb reach, for one small job. Escape closes it. */
export function Sheet({ title, onClose, children }: Props) {
  const roles = useRoles();
  return (
    <Portal>
      <Modal
        visible
        onDismiss={onClose}
        style={styles.outer}
        contentContainerStyle={[styles.sheet, { backgroundColor: roles.card, borderColor: roles.hairline }]}
      >
        <View role="dialog" aria-label={title} aria-modal style={styles.inner}>
          <View style={styles.head}>
            <Text as="heading" level={2} style={styles.title}>
              {title}
            </Text>
            <Press role="button" aria-label="Close" onPress={onClose} style={styles.close}>
              <Icon name="close" color={roles.text} />
            </Press>
          </View>
          <ScrollView contentContainerStyle={styles.body} style={styles.scroll}>
            {children}
          </ScrollView>
        </View>
      </Modal>
    </Portal>
  );
}

const styles = StyleSheet.create({
  outer: { justifyContent: 'flex-end' },
  sheet: {
    width: '100%',
    maxWidth: 560,
    alignSelf: 'center',
    borderTopLeftRadius: 8,
    borderTopRightRadius: 28,
    borderWidth: 1,
  },
  inner: { maxHeight: 720, padding: gap.large },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  title: { flex: 1 },
  close: { alignItems: 'center' },
  scroll: { flexGrow: 0 },
  body: { gap: gap.large, paddingVertical: gap.medium },
});
