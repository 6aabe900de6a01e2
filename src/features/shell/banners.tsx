import { lazy, Suspense, useState } from 'react';
import { View } from 'react-native';
import { useKeeper } from '@/store/keeper-context';
import { mode } from '@/store/environment';
import { selectAhead, selectDamaged, selectUnsaved } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Announcement } from '@/ui/controls/announcement';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import { saveJournalFile } from '../data/save-journal';
import { store } from './app-instance';
import { DemoLine } from './demo-line';
import { JournalSaid } from './journal-said';
import { useUpdate } from './update';
import { plural, t } from '@/core/language/t';

/** What concerns the whole journal: entries not on disk, records that could not be read, a new version, the demo. */
export function Banners() {
  return (
    <View>
      <Unsaved />
      <Records />
      <JournalSaid />
      <NewVersion />
      {mode.demo ? <DemoLine /> : null}
    </View>
  );
}

function Unsaved() {
  const keeper = useKeeper();
  const unsaved = useAppSelector(selectUnsaved).length;
  const [tried, setTried] = useState(0);
  if (unsaved === 0) return null;
  const retry = async () => {
    if (!(await keeper.retry())) setTried((count) => count + 1);
  };
  return (
    <View style={{ padding: gap.medium, gap: gap.small }}>
      <Note tone="danger" testID="unsaved">
        {t`${plural(unsaved, 'entry is', 'entries are')} not saved: this device has no room left. They are kept while this tab stays open. Save the journal to a file, make room, then try again.${tried > 0 ? t` Still no room.` : ''}`}
      </Note>
      <View style={{ flexDirection: 'row', gap: gap.small }}>
        <InkButton label={t`Save to a file`} onPress={() => saveJournalFile(store.getState().journal)} />
        <InkButton quiet label={t`Try again`} onPress={() => void retry()} />
      </View>
    </View>
  );
}

/** Loaded when there is something to say of them, which is seldom. */
const RecordNotes = lazy(async () => ({ default: (await import('./record-notes')).RecordNotes }));

/** Records that could not be read, and entries that lie in the future. */
function Records() {
  const some = useAppSelector((state) => selectDamaged(state).length + selectAhead(state).length > 0);
  return <Suspense fallback={null}>{some ? <RecordNotes /> : null}</Suspense>;
}

function NewVersion() {
  const update = useUpdate();
  if (!update) return null;
  return (
    <Announcement
      testID="new-version"
      action={t`Take the new version`}
      onAction={update.take}
    >{t`A new version of Yuzet is ready. It takes a moment, and keeps everything.`}</Announcement>
  );
}
