import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { lotSigns } from '@/core/lots/signs';
import type { Task } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { gap } from '@/ui/theme/shape';
import { signWords } from '@/words/names';
import { hrefOf } from '@/ui/layout/lot-href';
import { useAct } from '../acts/act-context';
import { plural, t } from '@/core/language/t';

interface Props {
  readonly task: Task;
}

/** Bottles under watch: what the look said, one button a result, and that they were chilled. */
export function ChillButtons({ task }: Props) {
  const act = useAct();
  const router = useRouter();
  const { lots, rule } = task;
  const ids = lots.map(({ id }) => id);
  const grave = task.reason === 'do-not-handle';
  const chilled = grave ? t`Cooled in place` : ids.length === 1 ? t`Chilled` : t`Chilled all ${ids.length}`;
  const looked =
    rule && rule.kind !== 'gaugeBar' && rule.kind !== 'sweet'
      ? { kind: rule.kind, lot: rule.lot }
      : pilotOf(task);
  return (
    <View style={styles.row}>
      {looked && !grave
        ? lotSigns[looked.kind].map((value) => {
            const word = signWords[looked.kind].words[value]!;
            return (
              <InkButton
                key={value}
                quiet={!rule}
                label={word}
                hint={`${looked.kind === 'hiss' ? t`Heard` : t`Squeezed`}: ${word.toLowerCase()}`}
                onPress={() =>
                  act(
                    { kind: 'observed', lotId: looked.lot.id, signs: { [looked.kind]: value } },
                    t`Bottle ${looked.lot.name}: ${word.toLowerCase()}.`,
                  )
                }
              />
            );
          })
        : null}
      <InkButton
        quiet={Boolean(rule)}
        label={chilled}
        style={styles.main}
        onPress={() =>
          act(
            { kind: 'moved', lots: ids, place: 'fridge' },
            t`${plural(ids.length, 'bottle')} in the fridge.`,
          )
        }
      />
      {grave || rule?.kind === 'gaugeBar' ? (
        <InkButton quiet label={t`See it`} onPress={() => router.navigate(hrefOf(rule?.lot ?? lots[0]!))} />
      ) : null}
    </View>
  );
}

/** Glass is never squeezed: the soft pilot among them speaks for all. */
function pilotOf({ lots }: Task) {
  const lot = lots.find(({ vessel }) => vessel.kind === 'plastic-soda');
  return lot && ({ kind: 'squeeze', lot } as const);
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: gap.small },
  main: { flexGrow: 1 },
});
