import { View } from 'react-native';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import type { RackOrder } from './rack-order';
import { plural, t } from '@/core/language/t';

/** No bottle at all. */
export const NoBottles = () => (
  <Card>
    <Text as="heading" level={2}>{t`No bottle stands here`}</Text>
    <Text>{t`Bottle a brew, and each bottle shows up with the pressure it holds against what its glass may.`}</Text>
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
      label={t`Order`}
      options={[
        { value: 'limit', label: t`By place` },
        { value: 'closing', label: t`By closing` },
      ]}
      value={order}
      onChange={onOrder}
    />
    <InkButton quiet label={picking ? t`Pick none` : t`Pick several`} onPress={onPick} />
    {picking && count > 0 ? (
      <InkButton label={t`${plural(count, 'bottle')} in hand`} onPress={onHand} />
    ) : null}
  </View>
);
