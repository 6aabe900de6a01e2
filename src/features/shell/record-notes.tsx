import { View } from 'react-native';
import { selectAhead, selectDamaged, selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import { entryWords } from '@/words/journal/entry-words';
import { moment } from '@/words/moment';
import { useActs } from '../acts/act-context';
import { plural, t } from '@/core/language/t';

/** What is wrong with single records: those that could not be read, and those that a clock which was ahead wrote. */
export const RecordNotes = () => (
  <>
    <Damage />
    <Ahead />
  </>
);

function Damage() {
  const damaged = useAppSelector(selectDamaged);
  if (damaged.length === 0) return null;
  const newer = damaged.filter((each) => each.newer).length;
  const broken = damaged.length - newer;
  return (
    <View style={{ padding: gap.medium, gap: gap.small }}>
      {broken > 0 ? (
        <Note
          tone="caution"
          testID="damaged"
        >{t`${plural(broken, 'stored record')} could not be read. Import your last journal file to bring back what is missing.`}</Note>
      ) : null}
      {newer > 0 ? (
        <Note
          tone="caution"
          testID="newer"
        >{t`${plural(newer, 'stored record')} from a newer Yuzet: kept, and read once this one is updated.`}</Note>
      ) : null}
    </View>
  );
}

/** Entries that lie in the future: a clock that was ahead wrote them. */
function Ahead() {
  const { act, takeBack } = useActs();
  const now = useNow();
  const ahead = useAppSelector(selectAhead);
  const household = useAppSelector(selectHousehold);
  const [entry] = ahead;
  if (!entry) return null;
  return (
    <View style={{ padding: gap.medium, gap: gap.small }}>
      <Note tone="caution" testID="ahead">
        {t`“${entryWords(entry, household)}” lies in the future, ${moment(entry.at, now)}: the clock was ahead. It is kept, and left out of all advice until then.${ahead.length > 1 ? t` So ${plural(ahead.length - 1, 'other does', 'others do')}.` : ''}`}
      </Note>
      <View style={{ flexDirection: 'row', gap: gap.small }}>
        <InkButton
          label={t`Happened just now`}
          onPress={() =>
            act({ kind: 'amended', targetId: entry.id, patch: { at: now } }, t`Its time is mended.`)
          }
        />
        <InkButton quiet label={t`Take it back`} onPress={() => takeBack(entry)} />
      </View>
    </View>
  );
}
