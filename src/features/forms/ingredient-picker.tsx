import { useState } from 'react';
import { useSelector } from 'react-redux';
import { View } from 'react-native';
import { ingredientOf, isIngredient } from '@/core/matter/ingredients/registry';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { findIngredients, namesWith } from '@/core/recipes/ingredient-names';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { SearchBox } from '@/ui/controls/search-box';
import { gap } from '@/ui/theme/shape';
import { selectHousehold } from '@/store/selectors';
import { DescribeOwn } from './describe-own';
import { t } from '@/core/language/t';

interface Props {
  /** Shown first, before anything is typed. */
  readonly usual: readonly string[];
  readonly onPick: (what: string) => void;
  readonly label?: string;
}

const shown = 10;

/** Finds an ingredient by its name; the usual ones are a tap away, and what no table holds can be described. */
export function IngredientPicker({ usual, onPick, label = t`Something else` }: Props) {
  const own = ownIngredientsOf(useSelector(selectHousehold));
  const [text, setText] = useState('');
  const [describing, setDescribing] = useState(false);
  const sought = text.trim();
  const found =
    sought === '' ? [...own, ...usual.filter(isIngredient)] : findIngredients(text, namesWith(own));
  const options = found.slice(0, shown).map((id) => ({ value: id, label: ingredientOf(id).name }));
  const pick = (what: string) => {
    setText('');
    setDescribing(false);
    onPick(what);
  };
  if (describing) return <DescribeOwn name={sought} onDone={pick} />;
  return (
    <View style={{ gap: gap.small }}>
      <SearchBox
        label={label}
        value={text}
        onChange={setText}
        hint={options.length === 0 ? t`Not in the table yet` : t`Type to find it`}
      />
      <Choice label={t`Ingredients`} options={options} value={null} onChange={pick} />
      {sought === '' ? null : (
        <InkButton
          quiet
          label={options.length === 0 ? t`Describe “${sought.slice(0, 30)}”` : t`None of these: describe it`}
          onPress={() => setDescribing(true)}
        />
      )}
    </View>
  );
}
