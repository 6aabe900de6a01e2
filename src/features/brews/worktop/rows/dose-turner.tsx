import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { View } from 'react-native';
import type { Hold } from '@/core/brew/composition';
import { knownCultures, lastBatchId } from '@/core/cultures/registry';
import type { Lot } from '@/core/lots/lot';
import { stepFor } from '@/core/measures/nice-step';
import { Choice } from '@/ui/controls/choice';
import { Ruler } from '@/ui/controls/ruler';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { grams, millilitres } from '@/words/amounts';
import { holdWords } from '@/words/brews/worktop-words';
import { drawnTyped } from '../../../forms/drawn-typed';
import { gramsTyped, isPacket } from '../../../forms/packet-dose';
import { withDose } from '../state/worktop-turns';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

/** The dose in hand: ml from a jar, grams of a packet or of grains. */
export function DoseTurner({
  state,
  lot,
  byGrams,
  onState,
}: {
  readonly state: WorktopState;
  readonly lot: Lot;
  readonly byGrams: boolean;
  readonly onState: (next: WorktopState) => void;
}) {
  const roles = useRoles();
  const [hold, setHold] = useState<Hold>('litres');
  const [typed, setTyped] = useState<string | null>(null);
  const { dose } = state.composition;
  const format = byGrams ? grams : millilitres;
  const read = typed === null ? null : byGrams ? gramsTyped(typed, lot) : drawnTyped(typed, lot);
  const name = byGrams ? (isPacket(lot) ? t`Yeast` : t`Grains`) : t`Starter to draw`;
  return (
    <View style={{ gap: gap.small }} testID="turner">
      <Ruler
        label={t`Turn ${name}`}
        value={dose}
        step={stepFor(Math.max(dose, 0.2))}
        min={0}
        max={20_000}
        format={format}
        onTurn={(value) => {
          setTyped(null);
          onState(withDose(state, value, hold));
        }}
      />
      <TextBox
        label={name}
        value={typed ?? format(dose)}
        hint={doseHint(lot)}
        error={read?.ok === false ? refusalWords(read) : undefined}
        errorId="error-dose"
        onChange={(text) => {
          setTyped(text);
          const next = byGrams ? gramsTyped(text, lot) : drawnTyped(text, lot);
          if (next.ok) onState(withDose(state, next.value, hold));
        }}
      />
      <Choice
        label={t`Hold while it turns`}
        options={[
          { value: 'litres' as Hold, label: t`Litres` },
          { value: 'proportions' as Hold, label: t`Proportions` },
        ]}
        value={hold}
        onChange={setHold}
      />
      <Text color={roles.softText}>{holdWords[hold]}</Text>
    </View>
  );
}

/** What is usual of a kind: a share of the batch, or grams a litre. */
function doseHint(lot: Lot): string | undefined {
  const culture = knownCultures(lot.role === 'starter' ? lot.culture : lastBatchId);
  if (!culture) return undefined;
  const { low, high } = culture.dose;
  return culture.unit === 'g'
    ? t`${low}–${high} g a litre is usual`
    : t`${Math.round(low * 1000) / 10}–${Math.round(high * 1000) / 10} % of the batch is usual`;
}
