import { useState } from 'react';
import { Choice } from '@/ui/controls/choice';
import { FoldLine } from '@/ui/controls/fold-line';
import { InkButton } from '@/ui/controls/ink-button';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { inARow } from '@/words/amounts';
import { JuiceInstead } from '../cards/juice-instead';
import { amountAndName, rowsOf } from '../state/line-rows';
import { withUsual } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';
import { IngredientRows } from './ingredient-rows';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly onState: (next: WorktopState) => void;
}

const usual = ['white-sugar', 'cane-sugar', 'brown-sugar', 'honey'];

/** What sweetens it. */
export function SweetLine({ state, onState }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const [open, setOpen] = useState<number | null>(null);
  const [juice, setJuice] = useState(false);
  const rows = rowsOf(state, 'sweet');
  const { rows: all } = state.composition;
  const more = usual.filter((what) => !all.some(({ portion }) => portion.what === what));
  return (
    <FoldLine
      title={t`Sweet`}
      summary={rows.length > 0 ? inARow(rows.map((at) => amountAndName(all[at]!.portion))) : t`Nothing added`}
      open={isOpen}
      onPress={() => {
        setIsOpen(!isOpen);
        setOpen(rows.length === 1 ? rows[0]! : null);
      }}
    >
      <IngredientRows state={state} rows={rows} open={open} onOpen={setOpen} onState={onState} />
      <Choice
        label={t`Another sweetener`}
        options={more.map((value) => ({ value, label: ingredientOf(value).name }))}
        value={null}
        onChange={(what) => onState(withUsual(state, what))}
      />
      <InkButton quiet label={t`Juice instead`} onPress={() => setJuice(!juice)} />
      {juice ? (
        <JuiceInstead
          composition={state.composition}
          onTake={(composition, followed) => {
            onState({ ...state, composition, followed: ['water', followed] });
            setJuice(false);
          }}
        />
      ) : null}
    </FoldLine>
  );
}
