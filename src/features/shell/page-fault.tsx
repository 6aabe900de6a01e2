import { View } from 'react-native';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { saveJournalFile } from '../data/save-journal';
import { keeper, store } from './app-instance';
import { lastEntry } from './last-entry';
import { t } from '@/core/language/t';

interface Props {
  readonly error: Error;
  readonly retry: () => unknown;
}

/** Whether a part of the app could not be fetched: an update replaced it, or there is no network yet. */
const isMissingPart = (fault: Error) => /load|fetch|import|chunk|module/i.test(fault.message);

/** In place of a page that failed: what it means, with the export and the undo in reach. Routes export it as their ErrorBoundary. */
export function PageFault({ error, retry }: Props) {
  const missing = isMissingPart(error);
  const undo = () => {
    const last = lastEntry(store.getState().journal.journal);
    if (last) keeper.takeBack(last);
    void retry();
  };
  return (
    <View role="main" style={{ flex: 1, padding: 24, gap: gap.large, maxWidth: 640 }}>
      <Text as="title" level={1}>
        {missing ? t`A part of Yuzet did not load` : t`This page stumbled`}
      </Text>
      <Note tone="danger">
        {missing
          ? t`Perhaps a new version has replaced it, or there is no network. Reloading fetches what is there now. Your journal is safe.`
          : t`Your journal is safe. Take back the last entry if it brought this about, or save the journal to a file. (${error.message.slice(0, 160)})`}
      </Note>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton label={t`Reload`} onPress={() => window.location.reload()} />
        <InkButton quiet label={t`Try this page again`} onPress={() => void retry()} />
        {missing ? null : <InkButton quiet label={t`Undo the last entry`} onPress={undo} />}
        <InkButton
          quiet
          label={t`Save the journal to a file`}
          onPress={() => saveJournalFile(store.getState().journal)}
        />
      </View>
    </View>
  );
}
