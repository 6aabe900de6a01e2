import { useState } from 'react';
import type { Lot } from '@/core/lots/lot';
import { FoldLine } from '@/ui/controls/fold-line';
import { inARow } from '@/words/amounts';
import { isUntouched } from '../state/lay-out';
import { amountAndName, isSweet, rowsOf } from '../state/line-rows';
import { withList, withUsual } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';
import { IngredientRows } from './ingredient-rows';
import { PutIn } from './put-in';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly onState: (next: WorktopState) => void;
}

/** At most so many are named while it is closed. */
const named = 4;

/** What flavours it: several are typed or tapped in a row, each amount is turned where it stands. */
export function FlavourLine({ state, lots, onState }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const [open, setOpen] = useState<number | null>(null);
  const rows = rowsOf(state, 'flavour');
  const { rows: all } = state.composition;
  const words = rows.slice(0, named).map((at) => amountAndName(all[at]!.portion));
  const summary = inARow(rows.length > named ? [...words, t`${rows.length - named} more`] : words);
  return (
    <FoldLine
      title={t`Flavour`}
      summary={summary || t`Nothing yet`}
      open={isOpen}
      onPress={() => setIsOpen(!isOpen)}
    >
      <PutIn
        there={all.map(({ portion }) => portion.what)}
        onPick={(what) => onState(withUsual(state, what))}
        onRead={({ portions, named: bare, dose }) => {
          setOpen(null);
          const untouched = isUntouched(state) && portions.some(isSweet);
          onState(bare.reduce(withUsual, withList(state, portions, dose, { lots, untouched })));
        }}
      />
      <IngredientRows state={state} rows={rows} open={open} onOpen={setOpen} onState={onState} />
    </FoldLine>
  );
}
