import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import type { Task } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { gap } from '@/ui/theme/shape';
import { hrefOf } from '@/ui/layout/lot-href';
import { useAct } from '../acts/act-context';
import { plural, t } from '@/core/language/t';

const done: Readonly<Record<string, readonly [label: string, said: string]>> = {
  stir: [t`Stirred`, t`stirred`],
  shake: [t`Shaken`, t`shaken`],
  vent: [t`Lifted`, t`vented`],
};

/** What a jar wants every day: one act for all of a round, or for one jar of it. */
export function TendButtons({ task: { reason, lots } }: { readonly task: Task }) {
  const act = useAct();
  const router = useRouter();
  const words = done[reason];
  if (!words) return <InkButton label={t`Taste it`} onPress={() => router.navigate(hrefOf(lots[0]!))} />;
  const [label, said] = words;
  const tend = (some: readonly Lot[]) => {
    const ids = some.map(({ id }) => id);
    const what = some.length === 1 ? t`${some[0]!.name} is` : t`${plural(some.length, 'jar')} are`;
    act(
      reason === 'vent' ? { kind: 'vented', lots: ids, long: false } : { kind: 'stirred', lots: ids },
      `${what} ${said}.`,
    );
  };
  return (
    <View style={styles.row}>
      <InkButton
        label={lots.length === 1 ? label : t`All ${lots.length} ${label.toLowerCase()}`}
        style={lots.length === 1 ? undefined : styles.main}
        onPress={() => tend(lots)}
      />
      {lots.length > 1
        ? lots.map((lot) => (
            <InkButton
              key={lot.id}
              quiet
              label={lot.name}
              hint={`${label} ${lot.name}`}
              onPress={() => tend([lot])}
            />
          ))
        : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: gap.small },
  main: { flexGrow: 1 },
});
