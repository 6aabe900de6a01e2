import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { volumeTyped } from '@/core/measures/portion-measure';
import { Note } from '@/ui/controls/note';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { millilitres } from '@/words/amounts';
import { leastPartMl, muchAirShare, type TableBottle } from './table-state';
import { t } from '@/core/language/t';

interface Props {
  readonly bottle: TableBottle;
  readonly headspaceMl: number;
  readonly onChange: (change: Partial<TableBottle>) => void;
}

/** What is poured into a bottle when it is not filled to its headspace; much air in it is said here. */
export function PartFill({ bottle, headspaceMl, onChange }: Props) {
  const [typed, setTyped] = useState(bottle.fillMl === undefined ? '' : millilitres(bottle.fillMl));
  const read = typed.trim() === '' ? null : volumeTyped(typed, 'ml');
  const fault =
    read === null || (read.ok && read.value >= leastPartMl && read.value <= bottle.ml)
      ? undefined
      : read.ok
        ? t`Between ${leastPartMl} ml and ${Math.round(bottle.ml)} ml.`
        : refusalWords(read);
  return (
    <View style={{ gap: gap.small }}>
      <TextBox
        label={t`Filled in part, from the jar`}
        value={typed}
        hint={bottle.takesRest ? t`It takes what the others leave` : t`Empty: filled to its headspace`}
        error={fault}
        errorId="error-part"
        onChange={(text) => {
          setTyped(text);
          const next = volumeTyped(text, 'ml');
          if (text.trim() === '') onChange({ fillMl: undefined, takesRest: undefined });
          else if (next.ok && next.value >= leastPartMl && next.value <= bottle.ml)
            onChange({ fillMl: next.value, takesRest: undefined });
        }}
      />
      {headspaceMl > bottle.ml * muchAirShare ? (
        <Note tone="plain" testID="much-air">
          {t`${Math.round(headspaceMl)} ml of ${Math.round(bottle.ml)} ml are air: less fizz, and it sours sooner. Drink this one first.`}
        </Note>
      ) : null}
    </View>
  );
}
