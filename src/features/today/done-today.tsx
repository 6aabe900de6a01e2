import { StyleSheet, View } from 'react-native';
import type { Entry } from '@/core/journal/entry';
import { allValues, valueIn } from '@/core/journal/persistent-map';
import type { Journal } from '@/core/journal/journal';
import { subjectsOf } from '@/core/journal/apply-entry';
import { selectJournal, selectKeeping, selectUnsaved } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { byAct } from '@/core/journal/groups';
import { actWords, entryWords } from '@/words/journal/entry-words';
import { clock } from '@/words/moment';
import { lotName } from '@/words/names';
import { useActs } from '../acts/act-context';
import { useMemo } from 'react';
import { t } from '@/core/language/t';

/** What was done today, each with its Undo. */
export function DoneToday({ now }: { readonly now: number }) {
  const roles = useRoles();
  const { takeBack } = useActs();
  const journal = useAppSelector(selectJournal);
  const keeping = useAppSelector(selectKeeping);
  const unsaved = useAppSelector(selectUnsaved);
  const midnight = new Date(now).setHours(0, 0, 0, 0);
  const done = useMemo(() => doneSince(journal, midnight), [journal, midnight]);
  if (done.length === 0) return null;
  return (
    <View>
      <Text as="subheading" level={2}>{t`Done today`}</Text>
      {done.map((entries) => {
        const entry = entries[0]!;
        const words = sayAct(entries, journal);
        const state = unsaved.includes(entry.id)
          ? t`, not saved`
          : keeping.includes(entry.id)
            ? t`, being kept`
            : '';
        return (
          <View key={entry.id} style={[styles.row, { borderColor: roles.hairline }]}>
            <Text color={roles.softText}>{clock(entry.at)}</Text>
            <Text style={styles.words}>{`${words}${state}`}</Text>
            <Press
              role="button"
              aria-label={t`Undo: ${words}`}
              onPress={() => takeBack(entry)}
              style={styles.undo}
            >
              <Text as="strong">{t`Undo`}</Text>
            </Press>
          </View>
        );
      })}
    </View>
  );
}

/** Rows drawn at most: a busy day has fewer. */
const shownAtMost = 40;

/** Acts of the day, the latest first, each with its entries in order of writing. */
function doneSince(journal: Journal, midnight: number): Entry[][] {
  const lately = allValues(journal.effective).filter((entry) => entry.at >= midnight);
  return byAct(lately.sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1)))
    .reverse()
    .slice(0, shownAtMost);
}

/** An entry in words, with the name of what it is about. */
export function sayEntry(entry: Entry, journal: Journal): string {
  const { household } = journal;
  const [first] = subjectsOf(entry);
  const lot = first === undefined ? undefined : valueIn(household.lots, first);
  return lot
    ? `${lotName(lot, household)}: ${entryWords(entry, household, lot.id)}`
    : entryWords(entry, household);
}

/** An act in words: the name of its lot once, however many of its entries are about it. */
function sayAct(entries: readonly Entry[], journal: Journal): string {
  const [about] = subjectsOf(entries[0]!);
  return actWords(
    entries.map((entry, i) =>
      i > 0 && about !== undefined && subjectsOf(entry)[0] === about
        ? entryWords(entry, journal.household, about)
        : sayEntry(entry, journal),
    ),
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 10, borderTopWidth: 1 },
  words: { flex: 1, overflowWrap: 'anywhere', minWidth: 0 } as object,
  undo: { paddingHorizontal: 8, alignItems: 'center' },
});
