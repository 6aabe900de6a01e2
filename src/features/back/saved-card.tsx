import { useState } from 'react';
import { pricesOf } from '@/core/settings/price';
import { parseNumber } from '@/core/measures/parse-measure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { number } from '@/words/amounts';
import { useAct } from '../acts/act-context';
import type { Batch } from './batches';
import { t } from '@/core/language/t';

/** Key under which the price of a litre from the shop is kept, beside those of ingredients. */
const shopKey = 'shop-soda';

/** What the batches cost by the household's prices, beside what as much would have cost in a shop. */
export function SavedCard({ batches }: { readonly batches: readonly Batch[] }) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const shop = pricesOf(household)[shopKey];
  const [typed, setTyped] = useState(shop === undefined ? '' : String(shop));
  const priced = batches.filter(({ cost }) => cost !== null);
  const litres = priced.reduce((sum, batch) => sum + batch.litres, 0);
  const cost = priced.reduce((sum, batch) => sum + batch.cost!, 0);
  const each = parseNumber(typed);
  const fine = Number.isFinite(each) && each >= 0 && each < 1000;
  return (
    <Card label={t`What it saved`} testID="saved">
      <Text as="subheading" level={2}>{t`What it cost, and saved`}</Text>
      <Text>
        {priced.length === 0
          ? t`No ingredient has a price yet: say some in a brew’s amounts, and a batch’s cost is worked out.`
          : t`${number(litres)} L for ${cost.toFixed(2)} by your prices, ${(cost / Math.max(0.01, litres)).toFixed(2)} a litre; what has no price is not counted.`}
      </Text>
      {priced.length > 0 && shop !== undefined ? (
        <Text as="strong">{t`From a shop it would have been ${(shop * litres).toFixed(2)}: ${Math.max(0, shop * litres - cost).toFixed(2)} saved.`}</Text>
      ) : null}
      <TextBox
        label={t`A litre of soda in the shop`}
        value={typed}
        onChange={setTyped}
        numeric
        hint={t`In your money`}
        error={typed.trim() === '' || fine ? undefined : t`A price, such as 1.80.`}
      />
      <InkButton
        quiet
        label={t`Keep the price`}
        disabled={!fine || typed.trim() === ''}
        onPress={() =>
          act({ kind: 'kept', thing: 'price', key: shopKey, value: { each } }, t`The shop’s price is kept.`)
        }
      />
    </Card>
  );
}
