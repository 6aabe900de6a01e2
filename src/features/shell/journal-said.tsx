import { refusalWords } from '@/words/refusals';
import { View } from 'react-native';
import { useDispatch } from 'react-redux';
import { noticed } from '@/store/journal-slice';
import {
  selectClockSaid,
  selectRecovered,
  selectRefused,
  selectSetAside,
  selectWrittenBack,
} from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import { useNow } from '@/store/use-now';
import { moment } from '@/words/moment';
import { plural, t } from '@/core/language/t';

/** What the keeper did that a maker should know, until it is noticed: refused, written back, brought back, laid aside. */
export function JournalSaid() {
  const dispatch = useDispatch();
  const recovered = useAppSelector(selectRecovered);
  const refused = useAppSelector(selectRefused);
  const setAside = useAppSelector(selectSetAside);
  const writtenBack = useAppSelector(selectWrittenBack);
  const clockSaid = useAppSelector(selectClockSaid);
  const now = useNow();
  const words = [
    clockSaid !== null
      ? t`This device’s clock seems to be behind: it says ${moment(clockSaid, now)}, and entries are newer. Yuzet goes by the newest entry until the clock is right.`
      : '',
    refused ? t`That was not kept. ${refusalWords(refused)}` : '',
    writtenBack > 0
      ? t`The browser had emptied Yuzet’s storage. All ${plural(writtenBack, 'entry', 'entries')} of this page are written back. Save the journal to a file today.`
      : '',
    recovered > 0
      ? t`${plural(recovered, 'entry was', 'entries were')} brought back from the second copy: the last visit ended before ${recovered === 1 ? t`it was` : t`they were`} on disk.`
      : '',
    setAside > 0
      ? t`${plural(setAside, 'line', 'lines')} of the second copy could not be read: laid aside. The journal itself is whole.`
      : '',
  ].filter((each) => each !== '');
  if (words.length === 0) return null;
  return (
    <View style={{ padding: gap.medium, gap: gap.small }}>
      {words.map((each) => (
        <Note key={each} tone={refused || writtenBack > 0 ? 'danger' : 'plain'} testID="recovered">
          {each}
        </Note>
      ))}
      <InkButton
        quiet
        label={t`Good`}
        onPress={() => dispatch(noticed())}
        style={{ alignSelf: 'flex-start' }}
      />
    </View>
  );
}
