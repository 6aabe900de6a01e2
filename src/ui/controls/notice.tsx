import { useRef } from 'react';
import { StyleSheet } from 'react-native';
import { Snackbar } from 'react-native-paper';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { type } from '../theme/type';
import { Text } from './text';

interface Props {
  readonly words: string;
  readonly action: string;
  readonly onAction: () => void;
  readonly onGone: () => void;
}

const shownMs = 9000;
const atOnce = { animation: { scale: 0 } };

/** A line at the foot of the page that says what was done, and takes it back. It stays a while and goes by itself. */
export function Notice({ words, action, onAction, onGone }: Props) {
  const roles = useRoles();
  // Paper dismisses a line whose action was taken: by then another one may stand in its place.
  const acted = useRef(false);
  return (
    <Snackbar
      // Another line is shown as long as the one before it.
      key={`${words} ${action}`}
      visible
      duration={shownMs}
      onDismiss={() => {
        if (!acted.current) onGone();
      }}
      action={{
        label: action,
        onPress: () => {
          acted.current = true;
          onAction();
        },
        labelStyle: type.strong,
        style: styles.act,
      }}
      // It stands there at once: an animation that never ends, where the clock is held, keeps the page from being drawn.
      theme={atOnce}
      role="status"
      wrapperStyle={styles.place}
      style={[styles.line, corners.note, { backgroundColor: roles.button }]}
    >
      <Text named color={roles.onButton}>
        {words}
      </Text>
    </Snackbar>
  );
}

const styles = StyleSheet.create({
  // A strip of its own under the page: what stands there is not covered.
  place: { position: 'relative', alignItems: 'center' },
  line: { maxWidth: 560, width: '96%', minHeight: 56 },
  act: { minHeight: 48, justifyContent: 'center' },
});
