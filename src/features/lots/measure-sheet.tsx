import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { useOriginalGravity } from './use-original-gravity';
import type { Lot, MeasuredQuantity } from '@/core/lots/lot';
import { abvByMassBalance, abvByRule131, abvByRule7_5 } from '@/core/sugar/alcohol';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { useRoles } from '@/ui/theme/use-roles';
import { quantityWords } from '@/words/names';
import { WhenField } from '../forms/when-field';
import { useAct } from '../acts/act-context';
import { readMeasured } from './measure-form';
import type { LotSheetProps } from './sheet-props';
import { t } from '@/core/language/t';
import { unitShown } from '@/core/measures/unit-system';

const quantitiesFor = (lot: Lot): readonly MeasuredQuantity[] =>
  lot.closure === 'sealed'
    ? ['gaugeBar', 'celsius', 'sg', 'brix', 'ph', 'ml', 'grams']
    : ['sg', 'brix', 'ph', 'celsius', 'ml', 'grams', 'gaugeBar'];

/** A reading of an instrument. */
export function MeasureSheet({ lot, onClose }: LotSheetProps) {
  const act = useAct();
  const roles = useRoles();
  const all = quantitiesFor(lot);
  const [quantity, setQuantity] = useState<MeasuredQuantity>(all[0]!);
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const [at, setAt] = useState<number | null>(null);
  const read = readMeasured(quantity, text);
  const { title, unit, digits } = quantityWords[quantity];
  const { og, measured } = useOriginalGravity(lot);
  const save = () => {
    setTried(true);
    if (!read.ok) return;
    act(
      { kind: 'measured', lotId: lot.id, quantity, value: read.value },
      t`${title} ${read.value.toFixed(digits)} noted.`,
      at ?? undefined,
    );
    onClose();
  };
  return (
    <Sheet title={t`Measure ${lot.name}`} onClose={onClose}>
      <Choice
        label={t`What`}
        options={all.map((value) => ({ value, label: quantityWords[value].title }))}
        value={quantity}
        onChange={setQuantity}
      />
      <TextBox
        label={unit ? `${title}, ${unitShown(unit)}` : title}
        value={text}
        onChange={setText}
        numeric
        hint={
          quantity === 'sg'
            ? t`It began ${measured ? t`at` : t`near`} ${og.toFixed(3)}${measured ? t`, as you read it` : ''}. Drive the gas off first: stir, wait, read.`
            : undefined
        }
        echo={read.ok ? t`= ${read.value.toFixed(digits)}${unit ? ` ${unit}` : ''}` : undefined}
        error={tried && !read.ok ? refusalWords(read) : undefined}
        errorId="error-measured"
      />
      {quantity === 'sg' && read.ok && lot.role !== 'starter' ? (
        <Text color={roles.softText}>
          {t`About ${Math.max(0, abvByMassBalance(og, read.value)).toFixed(1)} % alcohol by mass balance. The two rules of thumb say ${Math.max(0, abvByRule131(og, read.value)).toFixed(1)} and ${Math.max(0, abvByRule7_5(og, read.value)).toFixed(1)} %.`}
        </Text>
      ) : null}
      <WhenField value={at} onChange={setAt} />
      <InkButton label={t`Note it`} onPress={save} />
    </Sheet>
  );
}
