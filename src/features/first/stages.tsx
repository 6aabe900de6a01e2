import { StyleSheet, View } from 'react-native';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import type { StageWords } from '@/words/starters/first-glass-words';
import { t } from '@/core/language/t';

/** Stages one below the other, along a line. */
export function Stages({ stages }: { readonly stages: readonly StageWords[] }) {
  const roles = useRoles();
  return (
    <View role="list">
      {stages.map(({ when, act, see }, i) => (
        <View key={act} role="listitem" style={styles.stage}>
          <View aria-hidden style={styles.track}>
            <View
              style={[
                styles.dot,
                { borderColor: roles.starter, backgroundColor: i === 0 ? roles.starter : 'transparent' },
              ]}
            />
            {i === stages.length - 1 ? null : (
              <View style={[styles.line, { backgroundColor: roles.hairline }]} />
            )}
          </View>
          <View style={styles.words}>
            <Text as="strong">{when}</Text>
            <Text>{act}</Text>
            {see ? (
              <Text color={roles.softText}>{t`You see: ${see.charAt(0).toLowerCase()}${see.slice(1)}`}</Text>
            ) : null}
          </View>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stage: { flexDirection: 'row', gap: gap.medium },
  track: { alignItems: 'center', width: 20 },
  dot: { width: 16, height: 16, marginTop: 3, borderRadius: 8, borderWidth: 2 },
  line: { flex: 1, width: 2 },
  words: { flex: 1, gap: 2, paddingBottom: gap.medium },
});
