import { useState } from 'react';
import { View } from 'react-native';
import { ingredientIds, ingredients, isIngredient } from '@/core/matter/ingredients/registry';
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
  const wanted = text.trim().toLowerCase();
  const found =
    wanted === ''
      ? usual.filter(isIngredient)
      : ingredientIds.filter((id) => ingredients[id].name.toLowerCase().includes(wanted));
  const options = found
    .slice(0, shown)
    .map((id) => ({ value: id as string, label: isIngredient(id) ? ingredients[id].name : id }));
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
