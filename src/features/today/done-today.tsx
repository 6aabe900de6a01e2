import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import type { Entry } from '@/core/journal/entry';
import type { Household } from '@/core/journal/household';
import { standing } from '@/core/journal/order';
import { selectEntries, selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { useAct } from '../shell/act-context';

/** What was done today, each with its Undo. */
export function DoneToday({ now }: { readonly now: number }) {
  const roles = useRoles();
  const act = useAct();
  const entries = useAppSelector(selectEntries);
  const household = useAppSelector(selectHousehold);
  const midnight = new Date(now).setHours(0, 0, 0, 0);
  const done = standing(entries)
    .filter((entry) => entry.at >= midnight && entry.at <= now + 60_000)
    .reverse();
  if (done.length === 0) return null;
  return (
    <View>
      <Text as="subheading" level={2}>
        Done today
      </Text>
      {done.map((entry) => {
        const words = sayEntry(entry, household);
        return (
          <View key={entry.id} style={[styles.row, { borderColor: roles.hairline }]}>
            <Text color={roles.softText}>{format(entry.at, 'H:mm')}</Text>
            <Text style={styles.words}>{words}</Text>
            <Press
              role="button"
              aria-label={`Undo: ${words}`}
              onPress={() => act({ kind: 'undone', targetId: entry.id }, 'Taken back.')}
              style={styles.undo}
            >
              <Text as="strong">Undo</Text>
            </Press>
          </View>
        );
      })}
    </View>
  );
}

/** An entry in words: the line its subject's ledger holds, with the name. */
export function sayEntry(entry: Entry, household: Household): string {
  if (entry.kind === 'kitchen-warmed') return `Kitchen ${entry.celsius.toFixed(1)} °C`;
  for (const subject of [...Object.values(household.batches), ...Object.values(household.starters)]) {
    const row = subject.ledger.find((each) => each.entryId === entry.id);
    if (row) return `${subject.name}: ${row.what}`;
  }
  return 'An entry about something no longer here';
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 10, borderTopWidth: 1 },
  words: { flex: 1 },
  undo: { paddingHorizontal: 8, alignItems: 'center' },
});
