import { StyleSheet, View } from 'react-native';
import type { Task } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { gap } from '@/ui/theme/shape';
import { glanceWords } from '@/words/names';
import { glanceAt } from '../lots/signs-for';
import { useAct, useActs } from '../acts/act-context';
import { TasteButtons } from './taste-buttons';
import { useFeeding } from '../starters/jar/use-feeding';
import { t } from '@/core/language/t';

interface Props {
  readonly task: Task;
}
interface FeedProps extends Props {
  readonly now: number;
}

/** Fed, and into the fridge or out of it. */
export function RestButton({ task: { verb, lots, portions } }: Props) {
  const { act, together } = useActs();
  const lot = lots[0]!;
  const place = verb === 'rest' ? 'fridge' : 'counter';
  const { done } = useFeeding(lot, portions);
  const words = place === 'fridge' ? t`${lot.name} is fed and rests.` : t`${lot.name} is awake and fed.`;
  const both = () =>
    together(() => {
      done();
      act({ kind: 'moved', lots: [lot.id], place }, words);
    });
  return <InkButton label={place === 'fridge' ? t`Fed and resting` : t`Awake and fed`} onPress={both} />;
}

/** Fed as usual in one tap; beside it the two looks that a glance gives. */
export function FeedButtons({ task, now }: FeedProps) {
  const act = useAct();
  const lot = task.lots[0]!;
  const { strainMl, done } = useFeeding(lot, task.portions);
  const label = strainMl > 0 ? t`Strained and fed` : t`Fed`;
  return (
    <View style={styles.all}>
      {task.rule ? <TasteButtons rule={task.rule} now={now} /> : null}
      <View style={styles.row}>
        <InkButton label={label} hint={`${label} ${lot.name}`} style={styles.main} onPress={done} />
        {glanceAt(lot).map((signs) => {
          const label = glanceWords(signs);
          return (
            <InkButton
              key={label}
              quiet
              label={label}
              hint={`${lot.name}: ${label.toLowerCase()}`}
              onPress={() =>
                act({ kind: 'observed', lotId: lot.id, signs }, `${lot.name}: ${label.toLowerCase()}.`)
              }
            />
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: gap.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: gap.small },
  main: { flexGrow: 1 },
});
