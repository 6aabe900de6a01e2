import { useState } from 'react';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { pantryOf } from '@/core/settings/pantry';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { ChipRow } from '@/ui/controls/chip-row';
import { FoldLine } from '@/ui/controls/fold-line';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

/** What is in the house, tapped: by that it is proposed what can be made without a shop. */
export function PantryLine({ whats }: { readonly whats: readonly string[] }) {
  const act = useAct();
  const pantry = pantryOf(useAppSelector(selectHousehold));
  const [open, setOpen] = useState(false);
  const name = (what: string) => ingredientOf(what).name;
  const options = [...new Set([...pantry, ...whats])]
    .map((value) => ({ value, label: name(value) }))
    .sort((a, b) => a.label.localeCompare(b.label));
  const there = [...pantry].map(name).sort();
  return (
    <FoldLine
      title={t`In the house`}
      summary={there.length === 0 ? t`Tap what you have` : there.join(', ')}
      open={open}
      onPress={() => setOpen(!open)}
    >
      <ChipRow
        label={t`What is in the house`}
        pick="any"
        options={options}
        isOn={(what) => pantry.has(what)}
        onPress={(what) =>
          act(
            { kind: 'kept', thing: 'pantry', key: what, value: pantry.has(what) ? null : {} },
            pantry.has(what) ? t`${name(what)} is used up.` : t`${name(what)} is in the house.`,
          )
        }
      />
    </FoldLine>
  );
}
