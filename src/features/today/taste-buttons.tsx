import { StyleSheet, View } from 'react-native';
import type { TaskRule } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { sweetWords } from '@/words/names';
import { useAct } from '../acts/act-context';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly rule: TaskRule;
  readonly now: number;
}

/** So long before its moment a sip may be noted where it is asked for, ms. */
const soon = 4 * hourMs;

/** What a sip said of how sweet it is: one button a step, once it is nearly time. */
export function TasteButtons({ rule: { lot, at }, now }: Props) {
  const act = useAct();
  if (at > now + soon) return null;
  return (
    <View style={styles.all}>
      <Text as="strong">{t`How sweet is it?`}</Text>
      <View style={styles.row}>
        {sweetWords.map((word, i) => (
          <InkButton
            key={word}
            quiet
            label={word}
            hint={t`${lot.name} tastes: ${word.toLowerCase()}`}
            onPress={() =>
              act({ kind: 'tasted', lotId: lot.id, sweet: i + 1 }, `${lot.name}: ${word.toLowerCase()}.`)
            }
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: gap.small },
});
