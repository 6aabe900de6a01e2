import { useState } from 'react';
import { View } from 'react-native';
import { amountIn, withAmount } from '@/core/brew/composition';
import { swapped, type Equal } from '@/core/brew/swap';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Portion } from '@/core/matter/portion';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { gap } from '@/ui/theme/shape';
import { portionWords } from '@/words/amounts';
import { t } from '@/core/language/t';

const sweeteners = [
  'white-sugar',
  'cane-sugar',
  'brown-sugar',
  'honey',
  'maple-syrup',
  'molasses',
  'agave-syrup',
  'rice-syrup',
] as const;
const shares = [
  { value: 1, label: t`All of it` },
  { value: 0.5, label: t`Half of it` },
  { value: 0.25, label: t`A quarter` },
];

interface Props {
  readonly portion: Portion;
  readonly onSwap: (what: string, equal: Equal, share: number) => void;
}

/** Another sweetener for all or part of one, at equal sugar or equal sweetness. */
export function SwapBox({ portion, onSwap }: Props) {
  const [what, setWhat] = useState<string | null>(null);
  const [equal, setEqual] = useState<Equal>('sugar');
  const [share, setShare] = useState(1);
  const other = what ? swapped(withAmount(portion, amountIn(portion) * share), what, equal) : null;
  return (
    <View style={{ gap: gap.small }} testID="swap">
      <Choice
        titled
        label={t`Swap it for`}
        options={sweeteners
          .filter((id) => id !== portion.what)
          .map((value) => ({ value, label: ingredientOf(value).name }))}
        value={what as (typeof sweeteners)[number] | null}
        onChange={setWhat}
      />
      {what ? (
        <>
          <Choice
            label={t`At equal`}
            options={[
              { value: 'sugar', label: t`Equal sugar` },
              { value: 'sweetness', label: t`Equal sweetness` },
            ]}
            value={equal}
            onChange={(value) => setEqual(value as Equal)}
          />
          <Choice label={t`How much of it`} options={shares} value={share} onChange={setShare} />
          {other?.ok ? (
            <InkButton
              quiet
              label={t`Swap for ${portionWords(other.value)}`}
              onPress={() => onSwap(what, equal, share)}
            />
          ) : null}
        </>
      ) : null}
    </View>
  );
}
