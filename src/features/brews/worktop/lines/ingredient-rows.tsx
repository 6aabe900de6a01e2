import { mainSweetener } from '@/core/brew/composition';
import { swapRow } from '@/core/brew/swap';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { amountOf, kitchenMeasure } from '@/words/amounts';
import { whenOptions } from '@/words/brews/method-words';
import { AmountRow } from '../rows/amount-row';
import { RowTurner } from '../rows/row-turner';
import type { WorktopState } from '../state/worktop-state';
import { changedRow, withoutRow, withRow } from '../state/worktop-turns';

interface Props {
  readonly state: WorktopState;
  /** Which rows of the composition are shown, by their place in it. */
  readonly rows: readonly number[];
  readonly open: number | null;
  readonly onOpen: (open: number | null) => void;
  readonly onState: (next: WorktopState) => void;
}

/** Some of what goes in: one tap on an amount to turn it, and what followed marked. */
export function IngredientRows({ state, rows, open, onOpen, onState }: Props) {
  const all = state.composition.rows;
  return rows.map((at) => {
    const row = all[at]!;
    const { name, family } = ingredientOf(row.portion.what);
    const when = whenOptions.find(({ value }) => value === row.when)!.label.toLowerCase();
    return (
      <AmountRow
        key={`${row.portion.what}-${at}`}
        what={row.portion.what}
        family={family}
        name={name}
        amount={amountOf(row.portion)}
        beside={[kitchenMeasure(row.portion), when].filter(Boolean).join(', ')}
        followed={state.followed.includes(at)}
        open={open === at}
        onPress={() => onOpen(open === at ? null : at)}
      >
        <RowTurner
          row={row}
          sweetened={mainSweetener(all, at) >= 0}
          onTurn={(to, hold) => onState(withRow(state, at, to, hold))}
          onChange={(change, next) => onState(changedRow(state, at, change, next))}
          onSwap={(what, equal, share) => {
            const swapped = swapRow(state.composition, at, what, { equal, share });
            if (swapped.ok) onState({ ...state, composition: swapped.value, followed: ['water'] });
          }}
          onRemove={() => {
            onOpen(null);
            onState(withoutRow(state, at));
          }}
        />
      </AmountRow>
    );
  });
}
