import { useState } from 'react';
import { View } from 'react-native';
import { ingredientOf, isIngredient } from '@/core/matter/ingredients/registry';
import { findIngredients } from '@/core/recipes/ingredient-names';
import { Choice } from '@/ui/controls/choice';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';

interface Props {
  /** Shown first, before anything is typed. */
  readonly usual: readonly string[];
  readonly onPick: (what: string) => void;
  readonly label?: string;
}

const shown = 10;

/** Finds an ingredient by its name; the usual ones are a tap away. */
export function IngredientPicker({ usual, onPick, label = 'Something else' }: Props) {
  const [text, setText] = useState('');
  const found = text.trim() === '' ? usual.filter(isIngredient) : findIngredients(text);
  const options = found.slice(0, shown).map((id) => ({ value: id, label: ingredientOf(id).name }));
  return (
    <View style={{ gap: gap.small }}>
      <TextBox
        label={label}
        value={text}
        onChange={setText}
        hint={
          options.length === 0
            ? 'No such thing in the table: weigh it as the nearest one.'
            : 'Type to find it'
        }
      />
      <Choice
        label="Ingredients"
        options={options}
        value={null}
        onChange={(what) => {
          setText('');
          onPick(what);
        }}
      />
    </View>
  );
}
