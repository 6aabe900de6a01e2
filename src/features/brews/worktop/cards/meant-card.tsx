import { useState } from 'react';
import { View } from 'react-native';
import { baseKinds } from '@/core/matter/base-kinds';
import { parseNumber } from '@/core/measures/parse-measure';
import { Choice } from '@/ui/controls/choice';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { baseWords } from '@/words/brews/base-words';
import { baseIn } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';

/** What is meant beside the amounts: the base, the fizz, a percent of sweetener. */
export function MeantCard({
  state,
  onState,
}: {
  state: WorktopState;
  onState: (next: WorktopState) => void;
}) {
  const [volumes, setVolumes] = useState(String(state.volumes));
  const read = parseNumber(volumes);
  return (
    <View style={{ gap: gap.small }}>
      <Choice
        titled
        label="Base"
        options={baseKinds.map((value) => ({ value, label: baseWords[value] }))}
        value={baseIn(state)}
        onChange={(base) => onState({ ...state, base })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox
          label="Fizz wanted"
          value={volumes}
          numeric
          hint="2 is gentle, 3 sharp (vol)"
          error={read >= 0.5 && read <= 5 ? undefined : 'Between 0.5 and 5 vol.'}
          errorId="error-volumes"
          onChange={(text) => {
            setVolumes(text);
            const next = parseNumber(text);
            if (next >= 0.5 && next <= 5) onState({ ...state, volumes: next });
          }}
        />
        <TextBox
          label="Sweetener meant, %"
          value={state.meant}
          numeric
          hint="Of the water, if a recipe says so"
          onChange={(meant) => onState({ ...state, meant })}
        />
      </View>
    </View>
  );
}
