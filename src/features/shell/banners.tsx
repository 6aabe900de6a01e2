import { useState } from 'react';
import { View } from 'react-native';
import { useKeeper } from '@/store/keeper-context';
import { mode } from '@/store/environment';
import { selectAhead, selectDamaged, selectHousehold, selectUnsaved } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Announcement } from '@/ui/controls/announcement';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import { entryWords } from '@/words/journal/entry-words';
import { moment } from '@/words/moment';
import { useNow } from '@/store/use-now';
import { saveJournalFile } from '../data/save-journal';
import { store } from './app-instance';
import { useActs } from '../acts/act-context';
import { DemoLine } from './demo-line';
import { JournalSaid } from './journal-said';
import { useUpdate } from './update';
import { plural, t } from '@/core/language/t';

/** What concerns the whole journal: entries not on disk, records that could not be read, a new version, the demo. */
export function Banners() {
  return (
    <View>
      <Unsaved />
      <Damage />
      <Ahead />
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
        {t`${plural(unsaved, 'entry is', 'entries are')} not saved: this device has no room left. They are kept while this tab stays open. Save the journal to a file, make room, then try again.${tried > 0 ? t` Tried ${plural(tried, 'time')}: still no room.` : ''}`}
      </Note>
      <View style={{ flexDirection: 'row', gap: gap.small }}>
        <InkButton label={t`Save to a file`} onPress={() => saveJournalFile(store.getState().journal)} />
        <InkButton quiet label={t`Try again`} onPress={() => void retry()} />
      </View>
    </View>
  );
}

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
