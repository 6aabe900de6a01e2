import { useState } from 'react';
import { View } from 'react-native';
import { mainSweetener } from '@/core/brew/composition';
import { swapRow } from '@/core/brew/swap';
import type { Lot } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { InkButton } from '@/ui/controls/ink-button';
import { gap } from '@/ui/theme/shape';
import { amountOf, kitchenMeasure } from '@/words/amounts';
import { whenOptions } from '@/words/brews/method-words';
import { IngredientPicker } from '../../../forms/ingredient-picker';
import { PasteList } from '../../../forms/paste-list';
import { AmountRow } from './amount-row';
import { JuiceInstead } from '../cards/juice-instead';
import { RowTurner } from './row-turner';
import { WaterRow } from './water-row';
import { isUntouched } from '../state/lay-out';
import { changedRow, withList, withPicked, withoutRow, withRow } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly open: number | string | null;
  readonly onOpen: (open: number | 'water' | null) => void;
  readonly celsius: number;
  readonly onState: (next: WorktopState) => void;
  readonly waterMl: number | null;
}

const usual = [
  'lemon-juice',
  'honey',
  'pear',
  'plum',
  'elderflower',
  'wine-yeast',
  'kefir-grains',
  'whey',
  'apple-juice',
];

/** What goes in: one tap on an amount to turn it, and what followed marked. */
export function RowsCard({ state, lots, open, onOpen, onState, waterMl, celsius }: Props) {
  const [adding, setAdding] = useState<'pick' | 'paste' | 'juice' | null>(null);
  const { rows } = state.composition;
  return (
    <View style={{ gap: gap.small }}>
      {rows.map((row, i) => {
        const { name, family } = ingredientOf(row.portion.what);
        const kitchen = kitchenMeasure(row.portion);
        const when = whenOptions.find(({ value }) => value === row.when)!.label.toLowerCase();
        return (
          <AmountRow
            key={`${row.portion.what}-${i}`}
            what={row.portion.what}
            family={family}
            name={name}
            amount={amountOf(row.portion)}
            beside={[kitchen, when].filter(Boolean).join(', ')}
            followed={state.followed.includes(i)}
            open={open === i}
            onPress={() => onOpen(open === i ? null : i)}
          >
            <RowTurner
              row={row}
              sweetened={mainSweetener(rows, i) >= 0}
              onTurn={(to, hold) => onState(withRow(state, i, to, hold))}
              onChange={(change, next) => onState(changedRow(state, i, change, next))}
              onSwap={(what, equal, share) => {
                const swapped = swapRow(state.composition, i, what, { equal, share });
                if (swapped.ok) onState({ ...state, composition: swapped.value, followed: ['water'] });
              }}
              onRemove={() => {
                onOpen(null);
                onState(withoutRow(state, i));
              }}
            />
          </AmountRow>
        );
      })}
      {waterMl === null ? null : (
        <WaterRow
          state={state}
          lots={lots}
          celsius={celsius}
          waterMl={waterMl}
          open={open === 'water'}
          onOpen={() => onOpen(open === 'water' ? null : 'water')}
          onState={onState}
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton quiet label="Add something" onPress={() => setAdding(adding === 'pick' ? null : 'pick')} />
        <InkButton
          quiet
          label="Paste a list"
          onPress={() => setAdding(adding === 'paste' ? null : 'paste')}
        />
        <InkButton
          quiet
          label="Juice instead"
          onPress={() => setAdding(adding === 'juice' ? null : 'juice')}
        />
      </View>
      {adding === 'pick' ? (
        <IngredientPicker
          usual={usual.filter((what) => !rows.some(({ portion }) => portion.what === what))}
          onPick={(what) => {
            const [low, high] = ingredientOf(what).typical ?? [5, 15];
            onState(withPicked(state, what, Math.sqrt(low * high)));
            onOpen(rows.length);
            setAdding(null);
          }}
        />
      ) : null}
      {adding === 'paste' ? (
        <PasteList
          onRead={(portions, dose) =>
            onState(withList(state, portions, dose, { lots, untouched: isUntouched(state) }))
          }
        />
      ) : null}
      {adding === 'juice' ? (
        <JuiceInstead
          composition={state.composition}
          onTake={(composition, followed) => {
            onState({ ...state, composition, followed: ['water', followed] });
            setAdding(null);
          }}
        />
      ) : null}
    </View>
  );
}
