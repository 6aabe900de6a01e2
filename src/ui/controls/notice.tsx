import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { corners } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Press } from './press';
import { Text } from './text';

interface Props {
  readonly words: string;
  readonly action: string;
  readonly onAction: () => void;
  readonly onGone: () => void;
  readonly raised: number;
}

const shownMs = 9000;

/** A line at the foot of the page that says what was done, and takes it back. It stays a while and goes by itself. */
export function Notice({ words, action, onAction, onGone, raised }: Props) {
  const roles = useRoles();
  useEffect(() => {
    const timer = setTimeout(onGone, shownMs);
    return () => clearTimeout(timer);
  }, [words, action, onGone]);
  return (
    <View style={[styles.place, { bottom: raised }]}>
      <View role="status" style={[styles.line, corners.note, { backgroundColor: roles.button }]}>
        <Text named color={roles.onButton} style={styles.words}>
          {words}
        </Text>
        <Press role="button" aria-label={action} onPress={onAction} style={styles.act}>
          <Text as="strong" color={roles.onButton}>
            {action}
          </Text>
        </Press>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  place: { position: 'absolute', left: 12, right: 12, alignItems: 'center', pointerEvents: 'box-none' },
  line: { flexDirection: 'row', alignItems: 'center', paddingLeft: 16, maxWidth: 560, width: '100%' },
  words: { flex: 1, paddingVertical: 8 },
  act: { paddingHorizontal: 16, alignItems: 'center' },
});
