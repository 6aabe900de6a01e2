import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { mainSweetener, type Composition } from '@/core/brew/composition';
import { juiceInstead } from '@/core/brew/swap';
import { juices } from '@/core/matter/ingredients/liquids';
import type { Portion } from '@/core/matter/portion';
import { labelSugar } from '@/core/workbook/label-sugar';
import { volumeTyped } from '@/core/measures/portion-measure';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { t } from '@/core/language/t';

interface Props {
  readonly composition: Composition;
  /** Takes the changed composition, and the row that gave its sugar. */
  readonly onTake: (composition: Composition, followed: number) => void;
}

/** Juice instead of part of the sugar and water: the sweetener gives what the juice brings. */
export function JuiceInstead({ composition, onTake }: Props) {
  const roles = useRoles();
  const [what, setWhat] = useState<string>('apple-juice');
  const [amount, setAmount] = useState('500 ml');
  const [label, setLabel] = useState('');
  const ml = volumeTyped(amount, 'ml');
  const sugar = labelSugar(label);
  const portion: Portion | null = ml.ok
    ? { what, ml: ml.value, ...(Number.isNaN(sugar) ? {} : { sugar: Number(sugar.toFixed(2)) }) }
    : null;
  const result = portion ? juiceInstead(composition, portion) : null;
  const take = () => {
    if (result?.ok) onTake(result.value, mainSweetener(composition.rows));
  };
  return (
    <View style={{ gap: gap.small }} testID="juice-instead">
      <Choice
        label={t`Juice`}
        options={Object.values(juices).map(({ id, name }) => ({ value: id, label: name }))}
        value={what}
        onChange={setWhat}
      />
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <TextBox
          label={t`Juice to put in`}
          value={amount}
          onChange={setAmount}
          error={ml.ok ? undefined : refusalWords(ml)}
        />
        <TextBox
          label={t`Its sugar, g/100 ml`}
          value={label}
          onChange={setLabel}
          hint={t`Its label, or 12 brix`}
        />
      </View>
      {result && !result.ok ? <Text color={roles.danger}>{refusalWords(result)}</Text> : null}
      <InkButton quiet label={t`Take juice instead`} disabled={!result?.ok} onPress={take} />
    </View>
  );
}
