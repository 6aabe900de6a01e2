import { elementOf } from '@/ui/redraw';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Entry } from '@/core/journal/entry';
import { entriesAbout } from '@/core/journal/journal';
import { selectJournal, selectKeeping, selectUnsaved } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { LongList } from '@/ui/layout/long-list';
import { useRoles } from '@/ui/theme/use-roles';
import { entryWords } from '@/words/entry-words';
import { moment } from '@/words/moment';
import { useAct } from '../acts/act-context';
import { AmendSheet } from './lazy';

interface Props {
  readonly lotId: string;
  readonly now: number;
  /** An entry to point at: the one a "Why?" led to. */
  readonly shown?: string | undefined;
}

/** Height of a row of one line and its moment, px. */
const usualRow = 57;

const intoSight = (row: View | null) => elementOf(row)?.scrollIntoView?.({ block: 'center' });

/** All that happened to a lot, newest first; every line can be corrected or taken back. */
export function Ledger({ lotId, now, shown }: Props) {
  const journal = useAppSelector(selectJournal);
  const rows = entriesAbout(journal, lotId);
  const [amending, setAmending] = useState<Entry | null>(null);
  const newest = [...rows].reverse();
  return (
    <View>
      <Text as="subheading" level={2}>
        Ledger
      </Text>
      <LongList
        items={newest}
        rowHeight={usualRow}
        mustDraw={newest.findIndex(({ id }) => id === shown)}
        row={(entry) => (
          <LedgerRow
            key={entry.id}
            entry={entry}
            lotId={lotId}
            now={now}
            marked={entry.id === shown}
            onAmend={() => setAmending(entry)}
          />
        )}
      />
      {amending ? <AmendSheet entry={amending} lotId={lotId} onClose={() => setAmending(null)} /> : null}
    </View>
  );
}

interface RowProps {
  readonly entry: Entry;
  readonly lotId: string;
  readonly now: number;
  readonly marked: boolean;
  readonly onAmend: () => void;
}

function LedgerRow({ entry, lotId, now, marked, onAmend }: RowProps) {
  const roles = useRoles();
  const act = useAct();
  const { household } = useAppSelector(selectJournal);
  const keeping = useAppSelector((state) => selectKeeping(state).includes(entry.id));
  const unsaved = useAppSelector((state) => selectUnsaved(state).includes(entry.id));
  const words = entryWords(entry, household, lotId);
  const amended = useAppSelector((state) => (selectJournal(state).corrections[entry.id]?.length ?? 0) > 0);
  const state = unsaved ? ', not saved' : keeping ? ', being kept' : amended ? ', corrected' : '';
  return (
    <View
      ref={marked ? intoSight : undefined}
      testID={marked ? 'ledger-shown' : undefined}
      style={[styles.row, { borderColor: roles.hairline, backgroundColor: marked ? roles.here : undefined }]}
    >
      <View style={styles.words}>
        <Text style={styles.text}>{words}</Text>
        <Text
          as="label"
          color={roles.softText}
        >{`${moment(entry.at, now)}${state}${entry.note && entry.kind !== 'noted' ? `. ${entry.note}` : ''}`}</Text>
      </View>
      <Press role="button" aria-label={`Correct: ${words}`} onPress={onAmend} style={styles.act}>
        <Text as="strong">Edit</Text>
      </Press>
      <Press
        role="button"
        aria-label={`Undo: ${words}`}
        onPress={() => act({ kind: 'undone', targetId: entry.id }, 'Taken back.')}
        style={styles.act}
      >
        <Text as="strong">Undo</Text>
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, paddingVertical: 6 },
  words: { flex: 1, minWidth: 0 },
  text: { overflowWrap: 'anywhere' } as object,
  act: { paddingHorizontal: 8, alignItems: 'center' },
});
