import { useState } from 'react';
import { View } from 'react-native';
import type { Method } from '@/core/lots/records/method';
import { parseNumber } from '@/core/measures/parse-measure';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { methodOptions, methodTitles } from '@/words/brews/method-words';
import { t } from '@/core/language/t';

interface Props {
  readonly method: Method;
  readonly onMethod: (next: Method) => void;
}

/** The ways to do one step of the day, each with its reason. */
export function StepWays({
  keys,
  method,
  onMethod,
}: Props & { readonly keys: readonly (keyof typeof methodOptions)[] }) {
  const roles = useRoles();
  return keys.map((key) => (
    <View key={key} style={{ gap: 4 }}>
      <Text as="strong">{methodTitles[key]}</Text>
      <Choice
        label={methodTitles[key]}
        options={methodOptions[key].map(({ value, label }) => ({ value: value as string, label }))}
        value={method[key] as string}
        onChange={(value) => onMethod({ ...method, [key]: value })}
      />
      <Text color={roles.softText}>
        {methodOptions[key].find(({ value }) => value === method[key])?.why ?? ''}
      </Text>
    </View>
  ));
}

/** How long it simmers, and how long it steeps after. */
export const HeatTimes = ({ method, onMethod }: Props) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
    {method.heat === 'simmer' ? (
      <NumberBox
        label={t`Simmers, minutes`}
        value={method.minutes}
        most={240}
        onValue={(minutes) => onMethod({ ...method, minutes })}
      />
    ) : null}
    {method.heat === 'none' ? null : (
      <NumberBox
        label={t`Steeps, hours`}
        value={method.steepHours}
        most={48}
        onValue={(steepHours) => onMethod({ ...method, steepHours })}
      />
    )}
  </View>
);

const usualHours = [12, 36] as const;

/** Where and how long something steeps in it after the first ferment. */
export function InfusionWays({ method, onMethod }: Props) {
  const { cold, hours } = method.infusion ?? { cold: true, hours: usualHours };
  const set = (infusion: Method['infusion']) => onMethod({ ...method, infusion });
  return (
    <View style={{ gap: gap.small }}>
      <Choice
        label={t`Infusion`}
        options={[
          { value: 'cold', label: t`Infuses in the fridge` },
          { value: 'warm', label: t`Infuses on the counter` },
        ]}
        value={cold ? 'cold' : 'warm'}
        onChange={(way) => set({ cold: way === 'cold', hours })}
      />
      <NumberBox
        label={t`Infuses at most, hours`}
        value={hours[1]}
        most={240}
        onValue={(most) => set({ cold, hours: [Math.min(hours[0], most), most] })}
      />
    </View>
  );
}

interface NumberProps {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly onValue: (value: number) => void;
}

function NumberBox({ label, value, most, onValue }: NumberProps) {
  const [typed, setTyped] = useState(String(value));
  const read = parseNumber(typed);
  const wrong = !(read >= 0 && read <= most);
  return (
    <TextBox
      label={label}
      numeric
      value={typed}
      error={wrong ? t`Between 0 and ${most}.` : undefined}
      onChange={(text) => {
        setTyped(text);
        const next = parseNumber(text);
        if (next >= 0 && next <= most) onValue(next);
      }}
    />
  );
}
