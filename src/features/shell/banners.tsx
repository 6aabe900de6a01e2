import { View } from 'react-native';
import { useKeeper } from '@/store/keeper-context';
import { mode } from '@/store/environment';
import { selectDamaged, selectEntries, selectUnsaved } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Press } from '@/ui/controls/press';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { saveJournalFile } from '../data/save-journal';

/** What concerns the whole journal: entries not on disk, records that could not be read, the demo. */
export function Banners() {
  const roles = useRoles();
  const keeper = useKeeper();
  const unsaved = useAppSelector(selectUnsaved);
  const damaged = useAppSelector(selectDamaged);
  const entries = useAppSelector(selectEntries);
  return (
    <View>
      {unsaved > 0 ? (
        <View style={{ padding: gap.medium, gap: gap.small }}>
          <Note tone="danger" testID="unsaved">
            {`${unsaved} ${unsaved === 1 ? 'entry is' : 'entries are'} not saved: this device has no room left. They are kept while this tab stays open. Save the journal to a file, make room, then try again.`}
          </Note>
          <View style={{ flexDirection: 'row', gap: gap.small }}>
            <InkButton label="Save to a file" onPress={() => saveJournalFile(entries)} />
            <InkButton quiet label="Try again" onPress={() => void keeper.retry()} />
          </View>
        </View>
      ) : null}
      {damaged > 0 ? (
        <View style={{ padding: gap.medium }}>
          <Note tone="caution">{`${damaged} stored ${damaged === 1 ? 'record' : 'records'} could not be read and ${damaged === 1 ? 'was' : 'were'} left out. Import your last journal file to bring them back.`}</Note>
        </View>
      ) : null}
      {mode.demo ? (
        <View
          style={{
            flexDirection: 'row',
            justifyContent: 'space-between',
            alignItems: 'center',
            paddingLeft: gap.large,
            backgroundColor: roles.well,
          }}
        >
          <Text as="label">An invented household, to look around in</Text>
          <Press
            role="link"
            aria-label="Open my own kitchen"
            onPress={() => window.location.assign('/?demo=0')}
            style={{ paddingHorizontal: gap.large }}
          >
            <Text as="strong">My own</Text>
          </Press>
        </View>
      ) : null}
    </View>
  );
}
