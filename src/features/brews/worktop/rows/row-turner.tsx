import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { amountIn, sugarIn, type Hold, type Row } from '@/core/brew/composition';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured, type Portion } from '@/core/matter/portion';
import { stepFor } from '@/core/measures/nice-step';
import { portionTyped } from '@/core/measures/portion-measure';
import type { When } from '@/core/lots/records/method';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { amountOf, echo } from '@/words/amounts';
import { holdWords } from '@/words/brews/worktop-words';
import { RowDetails } from './row-details';
import { t } from '@/core/language/t';

interface Props {
  readonly row: Row;
  /** Whether another sweetener could follow while the sugar is held. */
  readonly sweetened: boolean;
  readonly onTurn: (to: { amount: number; typed?: string }, hold: Hold) => void;
  readonly onChange: (change: Partial<Portion>, when?: When) => void;
  readonly onSwap: (what: string, equal: 'sugar' | 'sweetness', share: number) => void;
  readonly onRemove: () => void;
}

/** One amount in hand: drawn along a scale or typed, with what is held while it turns. */
export function RowTurner({ row, sweetened, onTurn, onChange, onSwap, onRemove }: Props) {
  const roles = useRoles();
  const { portion } = row;
  const { name } = ingredientOf(portion.what);
  const [hold, setHold] = useState<Hold>('litres');
  const [typed, setTyped] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const amount = amountIn(portion);
  const read = typed === null ? null : portionTyped(portion.what, typed, portion.form);
  const holds = [
    { value: 'litres' as const, label: t`Litres` },
    { value: 'proportions' as const, label: t`Proportions` },
    ...(sweetened && sugarIn(portion) > 0 ? [{ value: 'sugar' as const, label: t`Sugar` }] : []),
  ];
  return (
    <View style={{ gap: gap.small }} testID="turner">
      <Ruler
        label={t`Turn ${name}`}
        value={amount}
        step={stepFor(amount)}
        min={0}
        max={60_000}
        format={(value) =>
          amountOf(portion.ml === undefined ? { ...portion, grams: value } : { ...portion, ml: value })
        }
        onTurn={(value) => {
          setTyped(null);
          onTurn({ amount: value }, hold);
        }}
      />
      <TextBox
        label={name}
        value={typed ?? portion.typed ?? amountOf(portion)}
        onChange={(text) => {
          setTyped(text);
          const next = portionTyped(portion.what, text, portion.form);
          if (next.ok) onTurn({ amount: amountIn(next.value), typed: text.trim() }, hold);
        }}
        hint={isPoured(portion.what) ? t`ml, cups, g` : t`g, spoons or cups`}
        echo={read?.ok === false ? undefined : echo(portion)}
        error={read?.ok === false ? refusalWords(read) : undefined}
        errorId="error-amount"
      />
      <Choice label={t`Hold while it turns`} options={holds} value={hold} onChange={setHold} />
      <Text color={roles.softText}>{holdWords[hold]}</Text>
      {more ? <RowDetails row={row} onChange={onChange} onSwap={onSwap} /> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton quiet label={more ? t`Less` : t`Swap, ripeness, price…`} onPress={() => setMore(!more)} />
        <InkButton quiet label={t`Leave it out`} hint={t`Leave out ${name}`} onPress={onRemove} />
      </View>
    </View>
  );
}
