import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { ChipRow } from '@/ui/controls/chip-row';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { brewsToRepeat } from '../state/as-last-time';

/** What was brewed before, laid out again as it was with one tap; there while nothing is composed yet. */
export function AgainChips() {
  const router = useRouter();
  const brews = brewsToRepeat(useAppSelector(selectHousehold));
  if (brews.length === 0) return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: gap.small }}>
      <Text as="strong">As last time</Text>
      <ChipRow
        label="As last time"
        pick="one"
        oneLine
        options={brews.map(({ id, name }) => ({ value: id, label: name }))}
        isOn={() => false}
        onPress={(id) => router.replace(`/brews/new?again=${id}`)}
      />
    </View>
  );
}
