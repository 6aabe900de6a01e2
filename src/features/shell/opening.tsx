import { StyleSheet, View } from 'react-native';
import type { JournalState } from '@/store/journal-slice';
import { useKeeper } from '@/store/keeper-context';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { t } from '@/core/language/t';

const words = {
  stuck: t`The journal does not open: perhaps another window of this browser holds it, or the disk is slow. Nothing was changed.`,
  unreadable: t`This browser does not let Yuzet read its storage, perhaps in a private window or with site data blocked. Allow site data, or open it in an ordinary window; nothing was changed.`,
} as const;

/** Before the journal is there, and when it does not come. */
export function Opening({ status }: { readonly status: Exclude<JournalState['status'], 'ready'> }) {
  const keeper = useKeeper();
  return (
    <View role="main" style={styles.opening}>
      {status === 'loading' ? (
        <Text as="heading" level={1}>{t`Opening the journal…`}</Text>
      ) : (
        <>
          <Note tone="danger">{words[status]}</Note>
          <InkButton label={t`Try again`} onPress={() => void keeper.open()} />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  opening: { flex: 1, justifyContent: 'center', alignItems: 'center', padding: 24, gap: 16 },
});
