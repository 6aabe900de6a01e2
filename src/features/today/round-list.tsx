import { View } from 'react-native';
import type { Task } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { portionsWords } from '@/words/amounts';
import { useActs } from '../acts/act-context';
import { feedingOf } from '../starters/jar/use-feeding';
import { t } from '@/core/language/t';

/** The jars of a round, each with what it gets and a button of its own; and one for all. */
export function RoundList({ parts }: { readonly parts: readonly Task[] }) {
  const acts = useActs();
  const feedings = parts.map(({ lots, portions }) => feedingOf(acts, lots[0]!, portions));
  return (
    <View style={{ gap: gap.medium }}>
      {parts.map(({ id, lots, portions }, i) => {
        const { strainMl, done } = feedings[i]!;
        const { name } = lots[0]!;
        return (
          <View key={id} style={{ flexDirection: 'row', alignItems: 'center', gap: gap.medium }}>
            <View style={{ flex: 1 }}>
              <Text as="strong">{name}</Text>
              <Text>{`${strainMl > 0 ? t`Strain, then ` : ''}${portionsWords(portions)}`}</Text>
            </View>
            <InkButton
              quiet
              label={strainMl > 0 ? t`Strained, fed` : t`Fed`}
              hint={`${strainMl > 0 ? t`Strained and fed` : t`Fed`} ${name}`}
              onPress={done}
            />
          </View>
        );
      })}
      <InkButton
        label={t`All ${parts.length} fed`}
        onPress={() => acts.together(() => feedings.forEach(({ done }) => done()))}
      />
    </View>
  );
}
