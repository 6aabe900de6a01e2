import { costOf } from '@/core/brew/cost';
import { missingOf } from '@/core/brew/pantry-left';
import { summed } from '@/core/measures/summed';
import type { Portion } from '@/core/matter/portion';
import { boughtAs } from '@/core/plan/shop-size';
import { pricesOf } from '@/core/settings/price';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { TickList } from '@/ui/controls/tick-list';
import { moment } from '@/words/moment';
import { besidesWords, boughtWords, thereWords } from '@/words/plan/plan-words';
import { usePantry } from '../recipes/use-pantry';
import { plural, t } from '@/core/language/t';

interface Props {
  readonly portions: readonly Portion[];
  /** The first brew day, ms. */
  readonly before: number;
  readonly now: number;
}

/** What the plans take, ticked off in the shop: what is in the house stays ticked. */
export function ShoppingCard({ portions, before, now }: Props) {
  const { pantry, toggle, put } = usePantry();
  if (portions.length === 0) return null;
  const missing = portions.flatMap((portion) => missingOf(portion, pantry) ?? []);
  const lacks = (what: string) => missing.find((each) => each.what === what);
  const tick = (what: string) => {
    const lacking = lacks(what);
    if (!lacking) return toggle(what);
    const there = pantry.get(what);
    put(summed([...(there ? [there] : []), boughtAs(lacking)])[0]!);
  };
  const left = missing.length;
  const labelOf = (portion: Portion) => {
    const there = pantry.get(portion.what);
    const lacking = lacks(portion.what);
    if (!there) return boughtWords(portion, boughtAs(portion));
    return lacking ? besidesWords(portion, boughtAs(lacking), there) : thereWords(portion, there);
  };
  return (
    <Card label={t`To buy`} testID="shopping">
      <Text as="subheading" level={2}>
        {left === 0 ? t`All is in the house` : t`To buy before ${moment(before, now)}`}
      </Text>
      <TickList
        label={t`What is in the house`}
        options={portions.map((portion) => ({
          value: portion.what,
          label: labelOf(portion),
        }))}
        isOn={(what) => !lacks(what)}
        onPress={tick}
      />
      {left > 0 ? <Cost missing={missing} /> : null}
    </Card>
  );
}

/** What is missing costs by the maker's own prices; nothing while none is known. */
function Cost({ missing }: { readonly missing: readonly Portion[] }) {
  const prices = pricesOf(useAppSelector(selectHousehold));
  const { total, unpriced } = costOf(missing.map(boughtAs), 1000, prices);
  if (unpriced.length === missing.length) return null;
  return (
    <Text testID="shopping-cost">
      {unpriced.length === 0
        ? t`${total.toFixed(2)} by your prices.`
        : t`${total.toFixed(2)} by your prices, without ${plural(unpriced.length, 'thing')}.`}
    </Text>
  );
}
