import { useState } from 'react';
import { parseNumber } from '@/core/measures/parse-measure';
import { TextBox } from '@/ui/controls/text-box';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly onState: (next: WorktopState) => void;
}

/** How fizzy it is wanted, volumes. */
export function FizzBox({ state, onState }: Props) {
  const [typed, setTyped] = useState(String(state.volumes));
  const read = parseNumber(typed);
  return (
    <TextBox
      label={t`Fizz wanted`}
      value={typed}
      numeric
      hint={t`2 is gentle, 3 sharp (vol)`}
      error={read >= 0.5 && read <= 5 ? undefined : t`Between 0.5 and 5 vol.`}
      errorId="error-volumes"
      onChange={(text) => {
        setTyped(text);
        const next = parseNumber(text);
        if (next >= 0.5 && next <= 5) onState({ ...state, volumes: next });
      }}
    />
  );
}
