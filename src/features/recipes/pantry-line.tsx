import { useState } from 'react';
import { View } from 'react-native';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { ChipRow } from '@/ui/controls/chip-row';
import { FoldLine } from '@/ui/controls/fold-line';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { PantryBox } from './pantry-box';
import { usePantry } from './use-pantry';
import { t } from '@/core/language/t';

/** What is in the house, tapped: by that it is proposed what can be made without a shop. */
export function PantryLine({ whats }: { readonly whats: readonly string[] }) {
  const { pantry, toggle, put } = usePantry();
  const [open, setOpen] = useState(false);
  const name = (what: string) => ingredientOf(what).name;
  const options = [...new Set([...pantry.keys(), ...whats])]
    .map((value) => ({ value, label: name(value) }))
    .sort((a, b) => a.label.localeCompare(b.label));
  const there = [...pantry.keys()].sort((a, b) => name(a).localeCompare(name(b)));
  return (
    <FoldLine
      title={t`In the house`}
      summary={there.length === 0 ? t`Tap what you have` : there.map(name).join(', ')}
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
      {there.length > 0 ? <Text as="strong">{t`How much is there`}</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {there.map((what) => (
          <PantryBox key={what} what={what} there={pantry.get(what) ?? null} onPut={put} />
        ))}
      </View>
    </FoldLine>
  );
}
