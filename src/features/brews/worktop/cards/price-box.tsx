import { useState } from 'react';
import { pricesOf } from '@/core/settings/price';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured, type Portion } from '@/core/matter/portion';
import { parseNumber } from '@/core/measures/parse-measure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { TextBox } from '@/ui/controls/text-box';
import { useAct } from '../../../acts/act-context';
import { t } from '@/core/language/t';

/** What the maker pays for an ingredient: kept for every recipe. */
export function PriceBox({ portion }: { readonly portion: Portion }) {
  const act = useAct();
  const household = useAppSelector(selectHousehold);
  const there = pricesOf(household)[portion.what];
  const [typed, setTyped] = useState(there === undefined ? '' : String(there));
  const value = parseNumber(typed);
  const wrong = typed.trim() !== '' && !(value >= 0 && value < 10_000);
  const { name } = ingredientOf(portion.what);
  return (
    <TextBox
      label={isPoured(portion.what) ? t`Price of a litre` : t`Price of a kilogram`}
      value={typed}
      numeric
      hint={t`In your own money; kept for every recipe`}
      error={wrong ? t`A price, such as 1.20.` : undefined}
      onChange={setTyped}
      onLeave={() => {
        if (wrong || (typed.trim() === '' && there === undefined) || value === there) return;
        act(
          {
            kind: 'kept',
            thing: 'price',
            key: portion.what,
            value: typed.trim() === '' ? null : { each: value },
          },
          typed.trim() === '' ? t`${name}: no price.` : t`${name}: ${value.toFixed(2)} noted.`,
        );
      }}
    />
  );
}
