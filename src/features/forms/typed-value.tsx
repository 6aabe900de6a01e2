import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import type { Result } from '@/core/result';
import { TextBox } from '@/ui/controls/text-box';

interface Props {
  readonly label: string;
  readonly hint: string;
  readonly value: number;
  readonly format: (value: number) => string;
  readonly read: (text: string) => Result<number>;
  readonly onValue: (value: number) => void;
}

/** The amount of a ruler beside it, to be typed: what was typed stays as it is written until the ruler is turned. */
export function TypedValue({ label, hint, value, format, read, onValue }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const result = typed === null ? null : read(typed);
  const isOlder = result?.ok && Math.abs(result.value - value) > 1e-6;
  return (
    <TextBox
      label={label}
      hint={hint}
      value={typed === null || isOlder ? format(value) : typed}
      error={result?.ok === false ? refusalWords(result) : undefined}
      onChange={(text) => {
        setTyped(text);
        const next = read(text);
        if (next.ok) onValue(next.value);
      }}
    />
  );
}
