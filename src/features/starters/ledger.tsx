import { StyleSheet, View } from 'react-native';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { moment } from '../forms/words';
import { useAct } from '../shell/act-context';

interface Props {
  readonly rows: readonly {
    readonly entryId: string;
    readonly at: number;
    readonly what: string;
    readonly levelMl?: number;
  }[];
  readonly now: number;
}

/** All that happened, newest first; every line can be taken back. */
export function Ledger({ rows, now }: Props) {
  const roles = useRoles();
  const act = useAct();
  return (
    <View>
      <Text as="subheading" level={2}>
        Ledger
      </Text>
      {[...rows].reverse().map((row) => (
        <View key={row.entryId} style={[styles.row, { borderColor: roles.hairline }]}>
          <View style={styles.words}>
            <Text>{row.what}</Text>
            <Text as="label" color={roles.softText}>
              {moment(row.at, now)}
              {row.levelMl === undefined ? '' : `, ${Math.round(row.levelMl)} ml`}
            </Text>
          </View>
          <Press
            role="button"
            aria-label={`Undo: ${row.what}`}
            onPress={() => act({ kind: 'undone', targetId: row.entryId }, 'Taken back.')}
            style={styles.undo}
          >
            <Text as="strong">Undo</Text>
          </Press>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, paddingVertical: 6 },
  words: { flex: 1 },
  undo: { paddingHorizontal: 8, alignItems: 'center' },
});
