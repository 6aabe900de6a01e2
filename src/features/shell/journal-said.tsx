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
import { moment, plural } from '@/words/moment';

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
      ? `This device’s clock seems to be behind: it says ${moment(clockSaid, now)}, and entries are newer. Yuzet goes by the newest entry until the clock is right.`
      : '',
    refused ? `That was not kept. ${refusalWords(refused)}` : '',
    writtenBack > 0
      ? `The browser had emptied Yuzet’s storage. All ${plural(writtenBack, 'entry', 'entries')} of this page are written back. Save the journal to a file today.`
      : '',
    recovered > 0
      ? `${plural(recovered, 'entry was', 'entries were')} brought back from the second copy: the last visit ended before ${recovered === 1 ? 'it was' : 'they were'} on disk.`
      : '',
    setAside > 0
      ? `${plural(setAside, 'line', 'lines')} of the second copy could not be read and ${setAside === 1 ? 'was' : 'were'} laid aside. The journal itself is whole.`
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
      <InkButton quiet label="Good" onPress={() => dispatch(noticed())} style={{ alignSelf: 'flex-start' }} />
    </View>
  );
}
