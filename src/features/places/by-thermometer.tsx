import { useState } from 'react';
import { degreesTyped } from '@/core/measures/parse-measure';
import { TextBox } from '@/ui/controls/text-box';
import { t } from '@/core/language/t';

interface Props {
  readonly name: string;
  readonly onRead: (celsius: number) => void;
}

/** A temperature typed as the thermometer says it; it counts when the box is left. */
export function ByThermometer({ name, onRead }: Props) {
  const [typed, setTyped] = useState('');
  const value = degreesTyped(typed);
  const wrong = typed.trim() !== '' && !(value >= -5 && value <= 45);
  return (
    <TextBox
      label={t`${name}, °C`}
      value={typed}
      numeric
      hint={t`As a thermometer says it`}
      error={wrong ? t`Between −5 and 45 °C.` : undefined}
      onChange={setTyped}
      onLeave={() => {
        if (typed.trim() === '' || wrong) return;
        setTyped('');
        onRead(value);
      }}
    />
  );
}
