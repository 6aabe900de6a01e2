import { useState } from 'react';
import { View } from 'react-native';
import type { Method } from '@/core/lots/records/method';
import { parseNumber } from '@/core/measures/parse-measure';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { methodLabel, methodOptions, methodTitles } from '@/words/brews/method-words';

interface Props {
  readonly method: Method;
  readonly infuses: boolean;
  readonly onMethod: (next: Method) => void;
}

const keys = Object.keys(methodOptions) as (keyof typeof methodOptions)[];

/** How the day goes: each school with its reason; closed it is one line. */
export function MethodCard({ method, infuses, onMethod }: Props) {
  const roles = useRoles();
  const [open, setOpen] = useState(false);
  const asked = keys.filter(
    (key) => !(key === 'cool' && method.heat === 'none' && method.water !== 'boiled'),
  );
  const line = asked.map((key) => methodLabel(key, method[key])).join(' · ');
  return (
    <View style={{ gap: gap.small }}>
      <Text as="strong">How it goes</Text>
      <Text color={roles.softText}>{line}</Text>
      <InkButton quiet label={open ? 'Close the ways' : 'Choose the ways'} onPress={() => setOpen(!open)} />
      {open ? (
        <>
          {asked.map((key) => (
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
          ))}
          <Times method={method} infuses={infuses} onMethod={onMethod} />
        </>
      ) : null}
    </View>
  );
}

function Times({ method, infuses, onMethod }: Props) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
      {method.heat === 'simmer' ? (
        <NumberBox
          label="Simmers, minutes"
          value={method.minutes}
          most={240}
          onValue={(minutes) => onMethod({ ...method, minutes })}
        />
      ) : null}
      {method.heat === 'none' ? null : (
        <NumberBox
          label="Steeps, hours"
          value={method.steepHours}
          most={48}
          onValue={(steepHours) => onMethod({ ...method, steepHours })}
        />
      )}
      {infuses ? (
        <>
          <Choice
            label="Infusion"
            options={[
              { value: 'cold', label: 'Infuses in the fridge' },
              { value: 'warm', label: 'Infuses on the counter' },
            ]}
            value={method.infusion?.cold === false ? 'warm' : 'cold'}
            onChange={(way) =>
              onMethod({
                ...method,
                infusion: { cold: way === 'cold', hours: method.infusion?.hours ?? [12, 36] },
              })
            }
          />
          <NumberBox
            label="Infuses at most, hours"
            value={method.infusion?.hours[1] ?? 36}
            most={240}
            onValue={(hours) =>
              onMethod({
                ...method,
                infusion: {
                  cold: method.infusion?.cold ?? true,
                  hours: [Math.min(method.infusion?.hours[0] ?? 12, hours), hours],
                },
              })
            }
          />
        </>
      ) : null}
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
      error={wrong ? `Between 0 and ${most}.` : undefined}
      onChange={(text) => {
        setTyped(text);
        const next = parseNumber(text);
        if (next >= 0 && next <= most) onValue(next);
      }}
    />
  );
}
