import { useState } from 'react';
import { View } from 'react-native';
import { portionBought } from '@/core/brew/pantry-left';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured, type Portion } from '@/core/matter/portion';
import { parseMeasure } from '@/core/measures/parse-measure';
import { TextBox } from '@/ui/controls/text-box';
import { amountOf } from '@/words/amounts';
import { t } from '@/core/language/t';

interface Props {
  readonly what: string;
  /** What is left of it; null where nobody said. */
  readonly there: Portion | null;
  readonly onPut: (portion: Portion) => void;
}

/** How much of something is in the house, typed; what brews and feeds take is taken off it. */
export function PantryBox({ what, there, onPut }: Props) {
  const said = there ? amountOf(there) : '';
  const [typed, setTyped] = useState<string | null>(null);
  const measure = parseMeasure(typed ?? '', isPoured(what) ? 'ml' : 'g');
  const amount = measure.ok ? (isPoured(what) ? measure.value.millilitres : measure.value.grams) : undefined;
  const isWrong = typed !== null && typed.trim() !== '' && !(amount !== undefined && amount > 0);
  return (
    <View style={{ flexGrow: 1, minWidth: 120, flexBasis: 120 }}>
      <TextBox
        label={ingredientOf(what).name}
        value={typed ?? said}
        onChange={setTyped}
        error={
          isWrong
            ? isPoured(what)
              ? t`An amount, such as 250 ml.`
              : t`An amount, such as 500 g.`
            : undefined
        }
        onLeave={() => {
          if (typed === null || typed === said || isWrong || amount === undefined) return;
          onPut(portionBought(what, amount));
          setTyped(null);
        }}
      />
    </View>
  );
}
