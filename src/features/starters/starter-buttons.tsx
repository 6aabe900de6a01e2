import { View } from 'react-native';
import type { StarterState } from '@/core/starter/starter-state';
import { usualFeed } from '@/core/starter/draw-plan';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useAct } from '../shell/act-context';

interface Props {
  readonly starter: StarterState;
  readonly onFeed: () => void;
}

const foams = [
  { value: 'none', label: 'Flat' },
  { value: 'some', label: 'Some foam' },
  { value: 'good', label: 'Good foam' },
  { value: 'riding', label: 'Solids riding' },
] as const;

/** Feeding, looking, resting and waking: one tap each. */
export function StarterButtons({ starter, onFeed }: Props) {
  const act = useAct();
  const feed = usualFeed(starter);
  const resting = starter.place === 'fridge';
  return (
    <View style={{ gap: gap.medium }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={`Fed ${feed.gingerGrams} g + ${feed.sugarGrams} g`}
          hint={`Fed the usual ${feed.gingerGrams} g ginger and ${feed.sugarGrams} g sugar`}
          onPress={() => act({ kind: 'fed', starterId: starter.id, ...feed }, `Fed ${starter.name}.`)}
          style={{ flexGrow: 1 }}
        />
        <InkButton quiet label="Other amounts" onPress={onFeed} />
        <InkButton
          quiet
          label={resting ? 'Wake' : 'Rest'}
          hint={resting ? 'Wake it on the counter' : 'Put it to rest in the fridge'}
          onPress={() =>
            act(
              { kind: 'starter-moved', starterId: starter.id, place: resting ? 'counter' : 'fridge' },
              resting ? `${starter.name} is on the counter.` : `${starter.name} rests in the fridge.`,
            )
          }
        />
      </View>
      <Text as="strong">How does it look?</Text>
      <Choice
        label="How does it look?"
        options={foams}
        value={null}
        onChange={(foam) => act({ kind: 'looked', starterId: starter.id, foam }, `${starter.name}: noted.`)}
      />
    </View>
  );
}
