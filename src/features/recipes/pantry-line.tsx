import { useState } from 'react';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { ChipRow } from '@/ui/controls/chip-row';
import { FoldLine } from '@/ui/controls/fold-line';
import { usePantry } from './use-pantry';
import { t } from '@/core/language/t';

/** What is in the house, tapped: by that it is proposed what can be made without a shop. */
export function PantryLine({ whats }: { readonly whats: readonly string[] }) {
  const { pantry, toggle } = usePantry();
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
        onPress={toggle}
      />
    </FoldLine>
  );
}
