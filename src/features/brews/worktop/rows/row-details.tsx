import { useState } from 'react';
import { View } from 'react-native';
import type { Row } from '@/core/brew/composition';
import type { Equal } from '@/core/brew/swap';
import type { When } from '@/core/lots/records/method';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { isPoured, type Portion } from '@/core/matter/portion';
import { labelSugar } from '@/core/workbook/label-sugar';
import { Choice } from '@/ui/controls/choice';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { whenOptions } from '@/words/brews/method-words';
import { PriceBox } from '../cards/price-box';
import { SwapBox } from '../cards/swap-box';
import { t } from '@/core/language/t';

interface Props {
  readonly row: Row;
  readonly onChange: (change: Partial<Portion>, when?: When) => void;
  readonly onSwap: (what: string, equal: Equal, share: number) => void;
}

const sweet = ['sugar', 'syrup'];
const labelled = ['juice', 'puree', 'syrup'];

/** What else can be said of an ingredient: when it goes in, how ripe it is, what its label says, what it costs, what could stand for it. */
export function RowDetails({ row, onChange, onSwap }: Props) {
  const { portion, when } = row;
  const { family } = ingredientOf(portion.what);
  return (
    <View style={{ gap: gap.small }}>
      <Choice
        titled
        label={t`Goes in`}
        options={whenOptions}
        value={when}
        onChange={(next) => onChange({}, next)}
      />
      {family === 'fruit' ? (
        <Choice
          label={t`Ripeness`}
          options={[
            { value: 'under', label: t`Hard and sour` },
            { value: 'ripe', label: t`Ripe` },
            { value: 'over', label: t`Very ripe` },
          ]}
          value={portion.ripe ?? 'ripe'}
          onChange={(ripe) => onChange({ ripe: ripe === 'ripe' ? undefined : (ripe as 'under' | 'over') })}
        />
      ) : null}
      {labelled.includes(family) ? <LabelSays portion={portion} onChange={onChange} /> : null}
      {sweet.includes(family) ? <SwapBox portion={portion} onSwap={onSwap} /> : null}
      <PriceBox portion={portion} />
    </View>
  );
}

function LabelSays({ portion, onChange }: { portion: Portion; onChange: Props['onChange'] }) {
  const [typed, setTyped] = useState(portion.sugar === undefined ? '' : String(portion.sugar));
  const wrong = typed.trim() !== '' && Number.isNaN(labelSugar(typed));
  return (
    <>
      <TextBox
        label={
          isPoured(portion.what) ? t`Sugar on its label, g per 100 ml` : t`Sugar on its label, g per 100 g`
        }
        value={typed}
        hint={t`Or “12 brix” from a refractometer; empty: the table’s`}
        error={wrong ? t`Grams, or such as 12 brix.` : undefined}
        onChange={(text) => {
          setTyped(text);
          const read = labelSugar(text);
          if (text.trim() === '') onChange({ sugar: undefined });
          else if (!Number.isNaN(read)) onChange({ sugar: Number(read.toFixed(2)) });
        }}
      />
      <Choice
        label={t`Preservative`}
        options={[
          { value: 'no', label: t`No preservative` },
          { value: 'yes', label: t`Names a preservative` },
        ]}
        value={portion.preserved ? 'yes' : 'no'}
        onChange={(said) => onChange({ preserved: said === 'yes' ? true : undefined })}
      />
    </>
  );
}
