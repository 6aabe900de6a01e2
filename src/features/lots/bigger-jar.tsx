import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { canAdd, jarThatTakes } from '@/core/lots/checks';
import type { Lot } from '@/core/lots/lot';
import type { Portion } from '@/core/matter/portion';
import { volumeTyped } from '@/core/measures/portion-measure';
import { Choice } from '@/ui/controls/choice';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { litres } from '@/words/amounts';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly portions: readonly Portion[];
  /** The jar that was chosen, ml. */
  readonly ml: number | null;
  readonly onMl: (ml: number | null) => void;
}

/** What goes in does not fit: a bigger jar takes all of it, in the same act. */
export function BiggerJar({ lot, portions, ml, onMl }: Props) {
  const [typed, setTyped] = useState('');
  const whole = canAdd({ ...lot, vessel: { ...lot.vessel, ml: 200_000 } }, portions);
  if (!whole.ok) return null;
  const usual = jarThatTakes(whole.value);
  const read = typed.trim() === '' ? null : volumeTyped(typed, 'l');
  const fault =
    read === null || (read.ok && read.value * 0.9 >= whole.value)
      ? undefined
      : read.ok
        ? t`It takes at least ${litres(Math.ceil(whole.value / 0.9))}.`
        : refusalWords(read);
  return (
    <View style={{ gap: gap.small }} testID="bigger-jar">
      <Choice
        titled
        label={t`Move all of it into a bigger jar?`}
        options={[
          { value: usual, label: t`A ${litres(usual)} jar` },
          { value: jarThatTakes(usual), label: t`A ${litres(jarThatTakes(usual))} jar` },
        ]}
        value={ml}
        onChange={(value) => {
          setTyped('');
          onMl(value === ml ? null : value);
        }}
      />
      <TextBox
        label={t`Or my own, to its brim`}
        value={typed}
        hint="3 l"
        error={fault}
        onChange={(text) => {
          setTyped(text);
          const next = volumeTyped(text, 'l');
          onMl(next.ok && next.value * 0.9 >= whole.value && next.value <= 200_000 ? next.value : null);
        }}
      />
    </View>
  );
}
