import { useState } from 'react';
import { parseNumber } from '@/core/measures/parse-measure';
import { TextBox } from '@/ui/controls/text-box';

interface Props {
  readonly name: string;
  readonly onRead: (celsius: number) => void;
}

/** A temperature typed as the thermometer says it; it counts when the box is left. */
export function ByThermometer({ name, onRead }: Props) {
  const [typed, setTyped] = useState('');
  const value = parseNumber(typed);
  const wrong = typed.trim() !== '' && !(value >= -5 && value <= 45);
  return (
    <TextBox
      label={`${name}, °C`}
      value={typed}
      numeric
      hint="As a thermometer says it"
      error={wrong ? 'Between −5 and 45 °C.' : undefined}
      onChange={setTyped}
      onLeave={() => {
        if (typed.trim() === '' || wrong) return;
        setTyped('');
        onRead(value);
      }}
    />
  );
}
