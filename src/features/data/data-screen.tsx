import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { useKeeper } from '@/store/keeper-context';
import { mode } from '@/store/environment';
import { selectJournal } from '@/store/selectors';
import { useAppSelector, useAppStore } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Confirm } from '@/ui/controls/confirm';
import { FileButton } from '@/ui/controls/file-button';
import { InkButton } from '@/ui/controls/ink-button';
import { Progress } from '@/ui/controls/progress';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { saveJournalFile } from './save-journal';
import { takeJournalFile } from './take-journal';
import { locale, plural, t } from '@/core/language/t';

interface Said {
  readonly good: boolean;
  readonly words: string;
}

/** The journal as a file: out, in, and away. */
export function DataScreen() {
  const keeper = useKeeper();
  const store = useAppStore();
  const { entries } = useAppSelector(selectJournal);
  const count = entries.size;
  const [reading, setReading] = useState<AbortController | null>(null);
  const [said, setSaid] = useState<Said | null>(null);
  const [sure, setSure] = useState(false);
  const take = async (file: File) => {
    const cancel = new AbortController();
    setReading(cancel);
    const taken = await takeJournalFile(keeper, file, cancel.signal).finally(() => setReading(null));
    if (!taken.ok) return setSaid({ good: false, words: refusalWords(taken) });
    const { fresh, held, kept } = taken.value;
    if (!kept) {
      const words = t`${plural(fresh, 'new entry is', 'new entries are')} read, but this device has no room to keep ${fresh === 1 ? t`it` : t`them`}: none is saved yet. Make room and try again above.`;
      return setSaid({ good: false, words });
    }
    const words =
      fresh === 0
        ? t`All ${held} entries were here already. Nothing changed.`
        : t`${plural(fresh, 'new entry', 'new entries')} of ${held.toLocaleString(locale())} taken in.`;
    return setSaid({ good: true, words });
  };
  const wipe = async () => {
    await keeper.wipe();
    setSure(false);
    setSaid({ good: true, words: t`The journal is empty. The file you saved brings it back.` });
  };
  return (
    <Screen
      title={t`Data`}
      over={t`${plural(count, 'entry', 'entries')} in this browser${mode.demo ? t`, the invented household’s` : ''}`}
    >
      <Card>
        <Text as="subheading" level={2}>{t`Out and in`}</Text>
        <Text>{t`The file holds the whole journal, one entry a line. Importing adds what is missing and changes nothing that is there, however often.`}</Text>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
          <InkButton
            label={t`Export the journal`}
            onPress={() => saveJournalFile(store.getState().journal)}
          />
          <FileButton
            label={t`Import a file`}
            what={t`Journal file`}
            accept="application/json,.json"
            onFile={(file) => void take(file)}
          />
        </View>
        {reading ? (
          <View style={{ gap: gap.small }}>
            <Text live>{t`Reading the file…`}</Text>
            <Progress />
            <InkButton quiet label={t`Cancel`} onPress={() => reading.abort()} />
          </View>
        ) : null}
        {said ? (
          <View aria-live="polite" testID="data-said">
            <Note tone={said.good ? 'plain' : 'danger'}>{said.words}</Note>
          </View>
        ) : null}
      </Card>
      <Card>
        <Text as="subheading" level={2}>{t`Away`}</Text>
        <Text>{t`Empties this browser’s journal. Export first: without a file it is gone.`}</Text>
        <InkButton quiet danger label={t`Forget everything`} onPress={() => setSure(true)} />
        {sure ? (
          <Confirm
            title={t`Forget everything?`}
            words={t`Without a file of the journal it is gone, and nothing brings it back.`}
            yes={t`Yes, forget ${plural(count, 'entry', 'entries')}`}
            no={t`Keep them`}
            onYes={() => void wipe()}
            onNo={() => setSure(false)}
          />
        ) : null}
      </Card>
    </Screen>
  );
}
