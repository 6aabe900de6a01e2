import { useState } from 'react';
import { View } from 'react-native';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import type { Lot } from '@/core/lots/lot';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { scaled, scaleWays, type ScaleWay } from '../state/scale-typed';
import type { WorktopState } from '../state/worktop-state';
import { t } from '@/core/language/t';

interface Props {
  readonly state: WorktopState;
  readonly lots: readonly Lot[];
  readonly celsius: number;
  readonly onState: (next: WorktopState) => void;
}

const boxes: Readonly<
  Record<ScaleWay, { readonly label: string; readonly hint: string; readonly start: string }>
> = {
  litres: { label: t`Volume`, hint: t`2 L or 6 cups`, start: '' },
  bottles: { label: t`Bottles`, hint: t`How many to fill`, start: '4' },
  jar: { label: t`Jar to fill`, hint: t`To its brim: 4 L`, start: '' },
  pot: { label: t`Pot`, hint: t`To its brim: 5 L`, start: '' },
  starter: { label: t`Starter on hand`, hint: t`300 ml, 1 cup`, start: '' },
  ingredient: { label: t`How much of it`, hint: '1.3 kg', start: '' },
  water: { label: t`Water`, hint: t`Amounts stay: 1 L`, start: '' },
};

/** What sets the size of the batch: everything follows in proportion. */
export function ScaleCard({ state, lots, celsius, onState }: Props) {
  const roles = useRoles();
  const [way, setWay] = useState<ScaleWay>('litres');
  const [typed, setTyped] = useState('');
  const [size, setSize] = useState('500 ml');
  const [chosen, setChosen] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const { rows } = state.composition;
  const at = Math.min(chosen, rows.length - 1);
  const scale = () => {
    const next = scaled(state, { way, typed, size, at }, lots, celsius);
    setFault(typeof next === 'string' ? next : null);
    if (typeof next !== 'string') onState(next);
  };
  return (
    <View style={{ gap: gap.small }}>
      <Choice
        titled
        label={t`How much?`}
        options={scaleWays}
        value={way}
        onChange={(next) => {
          setWay(next);
          setTyped(boxes[next].start);
          setFault(null);
        }}
      />
      {way === 'ingredient' && rows.length > 0 ? (
        <Choice
          label={t`Which`}
          options={rows.map(({ portion }, i) => ({ value: i, label: ingredientOf(portion.what).name }))}
          value={at}
          onChange={setChosen}
        />
      ) : null}
      <View style={{ flexDirection: 'row', gap: gap.medium, alignItems: 'flex-start' }}>
        <TextBox
          label={boxes[way].label}
          value={typed}
          onChange={setTyped}
          hint={boxes[way].hint}
          error={fault ?? undefined}
          errorId="error-scale"
        />
        {way === 'bottles' ? (
          <TextBox label={t`Size of each`} value={size} onChange={setSize} hint="500 ml" />
        ) : null}
      </View>
      <InkButton quiet label={t`Scale it`} disabled={typed.trim() === ''} onPress={scale} />
      {rows.length === 0 ? <Text color={roles.softText}>{t`Put something in first.`}</Text> : null}
    </View>
  );
}
