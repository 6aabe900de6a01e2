import { View } from 'react-native';
import type { Task } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { portionsWords } from '@/words/amounts';
import { useFeeding } from '../starters/use-feeding';

/** The jars of a round, each with what it gets and a button of its own. */
export function RoundList({ parts }: { readonly parts: readonly Task[] }) {
  return (
    <View style={{ gap: gap.medium }}>
      {parts.map((part) => (
        <Part key={part.id} part={part} />
      ))}
    </View>
  );
}

function Part({ part }: { readonly part: Task }) {
  const lot = part.lots[0]!;
  const { strainMl, done } = useFeeding(lot, part.portions);
  const label = strainMl > 0 ? 'Strained, fed' : 'Fed';
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: gap.medium }}>
      <View style={{ flex: 1 }}>
        <Text as="strong">{lot.name}</Text>
        <Text>{`${strainMl > 0 ? 'Strain, then ' : ''}${portionsWords(part.portions)}`}</Text>
      </View>
      <InkButton
        quiet
        label={label}
        hint={`${strainMl > 0 ? 'Strained and fed' : 'Fed'} ${lot.name}`}
        onPress={done}
      />
    </View>
  );
}
