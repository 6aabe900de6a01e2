import { View } from 'react-native';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { plural } from '@/words/moment';
import type { RackOrder } from './rack-order';

/** No bottle at all. */
export const NoBottles = () => (
  <Card>
    <Text as="heading" level={2}>
      No bottle stands here
    </Text>
    <Text>
      Bottle a brew, and each bottle shows up with the pressure it holds against what its glass may.
    </Text>
  </Card>
);

interface ToolsProps {
  readonly order: RackOrder;
  readonly onOrder: (order: RackOrder) => void;
  readonly picking: boolean;
  readonly count: number;
  readonly onPick: () => void;
  readonly onHand: () => void;
}

/** How the crates are ordered, and whether several bottles are being picked. */
export const RackTools = ({ order, onOrder, picking, count, onPick, onHand }: ToolsProps) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small, alignItems: 'center' }}>
    <Choice
      label="Order"
      options={[
        { value: 'limit', label: 'By place' },
        { value: 'closing', label: 'By closing' },
      ]}
      value={order}
      onChange={onOrder}
    />
    <InkButton quiet label={picking ? 'Pick none' : 'Pick several'} onPress={onPick} />
    {picking && count > 0 ? (
      <InkButton label={`${plural(count, 'bottle')} in hand`} onPress={onHand} />
    ) : null}
  </View>
);
