import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { mlWithWater } from '@/core/brew/scale';
import type { Lot } from '@/core/lots/lot';
import { volumeTyped } from '@/core/measures/portion-measure';
import { TextBox } from '@/ui/controls/text-box';
import { amountOf } from '@/words/amounts';
import { AmountRow } from './amount-row';
import { doseIsMl } from '../state/worktop-life';
import type { WorktopState } from '../state/worktop-state';
import { withMl } from '../state/worktop-turns';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly celsius: number;
  readonly waterMl: number;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onState: (next: WorktopState) => void;
}

/** The water as it is measured before it goes in: what the rest leaves, or typed, and then the batch follows. */
export function WaterRow({ state, lots, celsius, waterMl, open, onOpen, onState }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const amount = amountOf({ what: 'water', ml: Math.round(waterMl / 5) * 5 });
  const read = typed === null ? null : volumeTyped(typed, 'ml');
  const fault =
    read === null || (read.ok && read.value >= 50 && read.value <= 60_000)
      ? undefined
      : read.ok
        ? t`Between 50 ml and 60 L.`
        : refusalWords(read);
  return (
    <AmountRow
      what="water"
      family="water"
      name={t`Water`}
      amount={amount}
      beside={t`what the rest leaves`}
      followed={state.followed.includes('water')}
      open={open}
      onPress={onOpen}
    >
      <TextBox
        label={t`Water`}
        value={typed ?? amount}
        hint={t`As it is in the jug; the other amounts stay`}
        error={fault}
        errorId="error-water"
        onChange={(text) => {
          setTyped(text);
          const next = volumeTyped(text, 'ml');
          if (!next.ok || next.value < 50 || next.value > 60_000) return;
          const ml = mlWithWater(state.composition, state.method, doseIsMl(state, lots), next.value);
          onState(withMl(state, ml, 'amounts', { lots, celsius }));
        }}
      />
    </AmountRow>
  );
}
