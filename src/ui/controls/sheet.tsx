import { useEffect, useRef, type ReactNode } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Portal } from 'react-native-paper';
import { elementOf } from '../redraw';
import { Icon } from '../icons/icon';
import { gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';
import { Guarded } from './guarded';
import { holdFocus } from './hold-focus';

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
  const dialog = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => holdFocus(elementOf(dialog.current), () => close.current()), []);
  // Another job in the same sheet begins at its top.
  const scroll = useRef<ScrollView>(null);
  useEffect(() => scroll.current?.scrollTo({ y: 0, animated: false }), [title]);
  return (
    <View style={styles.outer}>
      <Pressable
        aria-hidden
        tabIndex={-1}
        onPress={onClose}
        style={[styles.veil, { backgroundColor: roles.veil }]}
      />
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
          <Press role="button" aria-label="Close" onPress={onClose} style={styles.close}>
            <Icon name="close" color={roles.text} />
          </Press>
        </View>
        <ScrollView
          ref={scroll}
          contentContainerStyle={styles.body}
          style={styles.scroll}
          keyboardShouldPersistTaps="handled"
        >
          {children}
        </ScrollView>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  outer: { position: 'absolute', top: 0, right: 0, bottom: 0, left: 0, justifyContent: 'flex-end' },
  veil: { position: 'absolute', top: 0, right: 0, bottom: 0, left: 0 },
  sheet: {
    width: '100%',
    maxWidth: 600,
    maxHeight: '92%',
    alignSelf: 'center',
    borderTopLeftRadius: 8,
    borderTopRightRadius: 28,
    borderWidth: 1,
    padding: gap.large,
  },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  title: { flex: 1 },
  close: { alignItems: 'center' },
  scroll: { flexGrow: 0, flexShrink: 1 },
  body: { gap: gap.large, paddingVertical: gap.medium },
});
