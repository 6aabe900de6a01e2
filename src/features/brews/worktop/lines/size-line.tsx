import { useState } from 'react';
import type { Lot } from '@/core/lots/lot';
import { FoldLine } from '@/ui/controls/fold-line';
import { litres } from '@/words/amounts';
import { ScaleCard } from '../cards/scale-card';
import { AmountRow } from '../rows/amount-row';
import { LitresTurner } from '../rows/litres-turner';
import { WaterRow } from '../rows/water-row';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly celsius: number;
  /** The smallest jar that holds it with room to foam, ml; null while that cannot be worked out. */
  readonly needsMl: number | null;
  /** Water as it is measured before it goes in, ml; null while that cannot be worked out. */
  readonly waterMl: number | null;
  readonly onState: (next: WorktopState) => void;
}

/** How much of it, its water, jar and pot: turned, typed, or worked out from what there is. */
export function SizeLine({ state, lots, celsius, needsMl, waterMl, onState }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const [open, setOpen] = useState<'ml' | 'water' | null>(null);
  const { ml } = state.composition;
  const needs = needsMl === null ? t`tap to turn it` : t`needs a ${litres(needsMl)} jar; which is yours?`;
  const jar =
    state.jarMl === null
      ? needsMl === null
        ? ''
        : t`, a jar of ${litres(needsMl)}`
      : t`, a jar of ${litres(state.jarMl)}`;
  return (
    <FoldLine
      title={t`Water and jar`}
      summary={`${waterMl === null ? litres(ml) : t`${litres(waterMl)} water`}${jar}`}
      open={isOpen}
      onPress={() => {
        setIsOpen(!isOpen);
        setOpen(null);
      }}
    >
      <AmountRow
        what="water"
        family="water"
        name={t`In the jar`}
        amount={litres(ml)}
        beside={state.jarMl === null ? needs : t`in a jar of ${litres(state.jarMl)}`}
        followed={state.followed.includes('ml')}
        open={open === 'ml'}
        onPress={() => setOpen(open === 'ml' ? null : 'ml')}
      >
        <LitresTurner state={state} lots={lots} celsius={celsius} needsMl={needsMl} onState={onState} />
      </AmountRow>
      {waterMl === null ? null : (
        <WaterRow
          state={state}
          lots={lots}
          celsius={celsius}
          waterMl={waterMl}
          open={open === 'water'}
          onOpen={() => setOpen(open === 'water' ? null : 'water')}
          onState={onState}
        />
      )}
      <ScaleCard state={state} lots={lots} celsius={celsius} onState={onState} />
    </FoldLine>
  );
}
