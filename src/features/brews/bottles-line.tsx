import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { BatchState } from '@/core/brew/batch-state';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { plural } from '../forms/words';

/** Where the bottles of a batch are. */
export function BottlesLine({ batch }: { readonly batch: BatchState }) {
  const router = useRouter();
  if (batch.bottles.length === 0) return null;
  const closed = batch.bottles.filter((bottle) => !bottle.opened);
  const cold = closed.filter((bottle) => bottle.place === 'fridge').length;
  const warm = closed.length - cold;
  const opened = batch.bottles.length - closed.length;
  return (
    <View
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: gap.small,
      }}
    >
      <Text>{`${plural(warm, 'bottle')} on the counter, ${cold} in the fridge, ${opened} opened`}</Text>
      <InkButton quiet label="See the rack" onPress={() => router.navigate('/rack')} />
    </View>
  );
}
