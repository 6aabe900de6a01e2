import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import { stockOf } from '@/core/settings/stock';
import type { Lot } from '@/core/lots/lot';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { stepFor } from '@/core/measures/nice-step';
import { Choice } from '@/ui/controls/choice';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { volumeTyped, within } from '@/core/measures/portion-measure';
import { useRoles } from '@/ui/theme/use-roles';
import { litres } from '@/words/amounts';
import { holdWords } from '@/words/brews/worktop-words';
import { TypedValue } from '../../../forms/typed-value';
import { withMl } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly celsius: number;
  /** The smallest jar that holds it with room to foam, ml; null while that cannot be worked out. */
  readonly needsMl: number | null;
  readonly onState: (next: WorktopState) => void;
}

/** The litres in hand: drawn along a scale or typed, and the jar and pot that are there for them. */
export function LitresTurner({ state, lots, celsius, needsMl, onState }: Props) {
  const roles = useRoles();
  const [hold, setHold] = useState<'proportions' | 'amounts'>('proportions');
  const [picked, setPicked] = useState<number | null>(null);
  const { ml } = state.composition;
  const turn = (value: number) => onState(withMl(state, value, hold, { lots, celsius }));
  const jars = stockOf(useAppSelector(selectHousehold)).filter(
    (make) =>
      (vesselKind(make.kind).use === 'jar' || make.kind === 'preserving-jar') &&
      make.count > 0 &&
      make.ml >= (needsMl ?? 0),
  );
  return (
    <View style={{ gap: gap.small }} testID="turner">
      <Ruler
        label={t`Turn the litres`}
        value={ml}
        step={Math.max(10, stepFor(ml))}
        min={100}
        max={50_000}
        format={litres}
        onTurn={turn}
      />
      <TypedValue
        label={t`Litres`}
        hint={t`3 l or 2 quarts`}
        value={ml}
        format={litres}
        read={(text) => {
          const typed = volumeTyped(text, 'l');
          return typed.ok ? within(typed.value, 100, 50_000, 'ml') : typed;
        }}
        onValue={turn}
      />
      <Choice
        label={t`Hold while it turns`}
        options={[
          { value: 'proportions', label: t`Proportions` },
          { value: 'amounts', label: t`Amounts` },
        ]}
        value={hold}
        onChange={(next) => setHold(next as 'proportions' | 'amounts')}
      />
      <Text color={roles.softText}>{holdWords[hold]}</Text>
      {jars.length > 0 ? (
        <Choice
          titled
          label={t`In which jar?`}
          options={jars.map(({ ml: value, kind }) => ({
            value,
            label: `${litres(value)} ${vesselKind(kind).name.toLowerCase()}`,
          }))}
          value={state.jarMl}
          onChange={(jarMl) => {
            setPicked(jarMl);
            onState({ ...state, jarMl });
          }}
        />
      ) : null}
      <View style={{ flexDirection: 'row', gap: gap.medium }}>
        <VesselBox
          key={picked}
          label={t`My jar`}
          ml={state.jarMl}
          onMl={(jarMl) => onState({ ...state, jarMl })}
        />
        <VesselBox label={t`My pot`} ml={state.potMl} onMl={(potMl) => onState({ ...state, potMl })} />
      </View>
    </View>
  );
}

function VesselBox({
  label,
  ml,
  onMl,
}: {
  readonly label: string;
  readonly ml: number | null;
  readonly onMl: (ml: number | null) => void;
}) {
  const [typed, setTyped] = useState(ml === null ? '' : litres(ml));
  const read = volumeTyped(typed, 'l');
  const wrong = typed.trim() !== '' && !(read.ok && read.value >= 100 && read.value <= 100_000);
  return (
    <TextBox
      label={label}
      value={typed}
      hint={t`To its brim: 4 L`}
      error={wrong ? (read.ok ? t`Between 100 ml and 100 L.` : refusalWords(read)) : undefined}
      onChange={(text) => {
        setTyped(text);
        const next = volumeTyped(text, 'l');
        if (text.trim() === '') onMl(null);
        else if (next.ok && next.value >= 100 && next.value <= 100_000) onMl(next.value);
      }}
    />
  );
}
