import { StyleSheet, View } from 'react-native';
import type { Entry } from '@/core/journal/entry';
import { selectJournal, selectKeeping, selectUnsaved } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { elementOf } from '@/ui/redraw';
import { useRoles } from '@/ui/theme/use-roles';
import { entryWords } from '@/words/journal/entry-words';
import { moment } from '@/words/moment';
import { useActs } from '../acts/act-context';
import { t } from '@/core/language/t';

export interface RowProps {
  readonly lotId: string;
  readonly now: number;
  /** An entry to point at. */
  readonly shown?: string | undefined;
  readonly onAmend: (entry: Entry) => void;
}

const intoSight = (row: View | null) => elementOf(row)?.scrollIntoView?.({ block: 'center' });

/** One entry of the ledger; with its Undo, where it is an act of its own. */
export function EntryRow({
  entry,
  lotId,
  now,
  shown,
  onAmend,
  undo = false,
}: RowProps & { readonly entry: Entry; readonly undo?: boolean }) {
  const roles = useRoles();
  const { takeBack } = useActs();
  const { household } = useAppSelector(selectJournal);
  const keeping = useAppSelector((state) => selectKeeping(state).includes(entry.id));
  const unsaved = useAppSelector((state) => selectUnsaved(state).includes(entry.id));
  const amended = useAppSelector((state) => (selectJournal(state).corrections[entry.id]?.length ?? 0) > 0);
  const words = entryWords(entry, household, lotId);
  const marked = entry.id === shown;
  const state = unsaved ? t`, not saved` : keeping ? t`, being kept` : amended ? t`, corrected` : '';
  return (
    <View
      ref={marked ? intoSight : undefined}
      testID={marked ? 'ledger-shown' : undefined}
      style={[
        rowStyles.row,
        { borderColor: roles.hairline, backgroundColor: marked ? roles.here : undefined },
      ]}
    >
      <View style={rowStyles.words}>
        <Text style={rowStyles.text}>{words}</Text>
        <Text
          as="label"
          color={roles.softText}
        >{`${moment(entry.at, now)}${state}${entry.note && entry.kind !== 'noted' ? `. ${entry.note}` : ''}`}</Text>
      </View>
      <RowButton label={t`Edit`} about={words} says={t`Correct`} onPress={() => onAmend(entry)} />
      {undo ? <RowButton label={t`Undo`} about={words} onPress={() => takeBack(entry)} /> : null}
    </View>
  );
}

interface ButtonProps {
  readonly label: string;
  /** The verb for who does not see the line beside it; the label when left out. */
  readonly says?: string;
  readonly about: string;
  readonly expanded?: boolean;
  readonly onPress: () => void;
}

export const RowButton = ({ label, says = label, about, expanded, onPress }: ButtonProps) => (
  <Press
    role="button"
    aria-label={`${says}: ${about}`}
    {...(expanded === undefined ? {} : { 'aria-expanded': expanded })}
    onPress={onPress}
    style={rowStyles.act}
  >
    <Text as="strong">{label}</Text>
  </Press>
);

export const rowStyles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, paddingVertical: 6 },
  words: { flex: 1, minWidth: 0 },
  text: { overflowWrap: 'anywhere' } as object,
  act: { paddingHorizontal: 8, alignItems: 'center' },
});
