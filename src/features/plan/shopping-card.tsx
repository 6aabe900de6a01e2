import type { Portion } from '@/core/matter/portion';
import { Card } from '@/ui/controls/card';
import { ChipRow } from '@/ui/controls/chip-row';
import { Text } from '@/ui/controls/text';
import { moment } from '@/words/moment';
import { portionWords } from '@/words/amounts';
import { usePantry } from '../recipes/use-pantry';
import { t } from '@/core/language/t';

interface Props {
  readonly portions: readonly Portion[];
  /** The first brew day, ms. */
  readonly before: number;
  readonly now: number;
}

/** What the plans take, ticked off in the shop: what is in the house stays ticked. */
export function ShoppingCard({ portions, before, now }: Props) {
  const { pantry, toggle } = usePantry();
  if (portions.length === 0) return null;
  const left = portions.filter(({ what }) => !pantry.has(what)).length;
  return (
    <Card label={t`To buy`} testID="shopping">
      <Text as="subheading" level={2}>
        {left === 0 ? t`All is in the house` : t`To buy before ${moment(before, now)}`}
      </Text>
      <ChipRow
        label={t`What is in the house`}
        pick="any"
        options={portions.map((portion) => ({ value: portion.what, label: portionWords(portion) }))}
        isOn={(what) => pantry.has(what)}
        onPress={toggle}
      />
    </Card>
  );
}
