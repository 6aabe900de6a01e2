import { useState } from 'react';
import { View } from 'react-native';
import type { Entry } from '@/core/journal/entry';
import { byAct } from '@/core/journal/groups';
import { entriesAbout } from '@/core/journal/journal';
import { selectJournal } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { LongList } from '@/ui/layout/long-list';
import { useRoles } from '@/ui/theme/use-roles';
import { actWords, entryWords } from '@/words/journal/entry-words';
import { moment } from '@/words/moment';
import { useActs } from '../acts/act-context';
import { AmendSheet } from './lazy';
import { EntryRow, RowButton, rowStyles, type RowProps } from './ledger-row';
import { t } from '@/core/language/t';

interface Props {
  readonly lotId: string;
  readonly now: number;
  /** An entry to point at: the one a "Why?" led to. */
  readonly shown?: string | undefined;
}

/** Height of a row of one line and its moment, px. */
const usualRow = 57;

/** All that happened to a lot, newest first; every line can be corrected, and every act taken back. */
export function Ledger({ lotId, now, shown }: Props) {
  const journal = useAppSelector(selectJournal);
  const [amending, setAmending] = useState<Entry | null>(null);
  const newest = byAct(entriesAbout(journal, lotId)).reverse();
  const row = { lotId, now, shown, onAmend: setAmending };
  return (
    <View>
      <Text as="subheading" level={2}>{t`Ledger`}</Text>
      <LongList
        items={newest}
        rowHeight={usualRow}
        mustDraw={newest.findIndex((entries) => entries.some(({ id }) => id === shown))}
        row={(entries) =>
          entries.length === 1 ? (
            <EntryRow key={entries[0]!.id} entry={entries[0]!} undo {...row} />
          ) : (
            <ActRow key={entries[0]!.id} entries={entries} {...row} />
          )
        }
      />
      {amending ? <AmendSheet entry={amending} lotId={lotId} onClose={() => setAmending(null)} /> : null}
    </View>
  );
}

/** An act that wrote several entries: one line that opens, and one Undo. */
function ActRow({ entries, ...row }: RowProps & { readonly entries: readonly Entry[] }) {
  const roles = useRoles();
  const { takeBack } = useActs();
  const { household } = useAppSelector(selectJournal);
  const [open, setOpen] = useState(entries.some(({ id }) => id === row.shown));
  const [first] = entries;
  const words = actWords(entries.map((entry) => entryWords(entry, household, row.lotId)));
  return (
    <View role="group" aria-label={words}>
      <View style={[rowStyles.row, { borderColor: roles.hairline }]}>
        <View style={rowStyles.words}>
          <Text style={rowStyles.text}>{words}</Text>
          <Text as="label" color={roles.softText}>
            {moment(first!.at, row.now)}
          </Text>
        </View>
        <RowButton
          label={open ? t`Less` : t`All`}
          about={words}
          expanded={open}
          onPress={() => setOpen(!open)}
        />
        <RowButton label={t`Undo`} about={words} onPress={() => takeBack(first!)} />
      </View>
      {open ? (
        <View style={{ paddingLeft: 16 }}>
          {entries.map((entry) => (
            <EntryRow key={entry.id} entry={entry} {...row} />
          ))}
        </View>
      ) : null}
    </View>
  );
}
