import { useEffect, useRef, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import { gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { IconPress } from './icon-press';
import { Text } from './text';
import { Guarded } from './guarded';
import { useHeldFocus } from './use-held-focus';
import { useSheetFoot } from './sheet-host';
import { t } from '@/core/language/t';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet from below, in thumb reach, for one small job. It holds the focus; Escape and a tap beside it close it. */
export const Sheet = (props: Props) => (
  <Portal>
    <Guarded>
      <Body {...props} />
    </Guarded>
  </Portal>
);

/** The sheet itself: it is there only once the portal has brought it, and then takes the focus. */
function Body({ title, onClose, children }: Props) {
  const roles = useRoles();
  const dialog = useHeldFocus(onClose);
  const foot = useSheetFoot();
  // Another job in the same sheet begins at its top.
  const scroll = useRef<ScrollView>(null);
  useEffect(() => scroll.current?.scrollTo({ y: 0, animated: false }), [title]);
  return (
    <Modal
      visible
      onDismiss={onClose}
      overlayAccessibilityLabel={t`Back to the page`}
      style={styles.wrapper}
      contentContainerStyle={styles.content}
    >
      <View
        ref={dialog}
        role="dialog"
        aria-label={title}
        aria-modal
        tabIndex={-1}
        style={[styles.sheet, { backgroundColor: roles.card, borderColor: roles.hairline }]}
      >
        <View style={styles.head}>
          <Text as="heading" level={2} style={styles.title}>
            {title}
          </Text>
          <IconPress icon="close" label={t`Close`} onPress={onClose} />
        </View>
        <ScrollView
          ref={scroll}
          contentContainerStyle={styles.body}
          style={styles.scroll}
          keyboardShouldPersistTaps="handled"
        >
          {children}
        </ScrollView>
        {foot}
      </View>
    </Modal>
  );
}

const styles = StyleSheet.create({
  wrapper: { justifyContent: 'flex-end' },
  content: { maxHeight: '92%' },
  sheet: {
    width: '100%',
    maxWidth: 600,
    maxHeight: '100%',
    alignSelf: 'center',
    borderTopLeftRadius: 8,
    borderTopRightRadius: 28,
    borderWidth: 1,
    padding: gap.large,
  },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  title: { flex: 1 },
  scroll: { flexGrow: 0, flexShrink: 1 },
  body: { gap: gap.large, paddingVertical: gap.medium },
});
