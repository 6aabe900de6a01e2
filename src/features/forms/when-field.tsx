import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { clockNow } from '@/store/environment';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { plain } from '@/ui/theme/type';
import { useRoles } from '@/ui/theme/use-roles';
import { moment } from '@/words/moment';

interface Props {
  /** Chosen instant, or null for now. */
  readonly value: number | null;
  readonly onChange: (at: number | null) => void;
}

/** When it happened, if not now. */
export function WhenField({ value, onChange }: Props) {
  const roles = useRoles();
  const [open, setOpen] = useState(value !== null);
  if (!open) {
    return (
      <Press role="button" aria-label="When: now. Change" onPress={() => setOpen(true)}>
        <Text color={roles.softText}>
          When: <Text as="strong">now</Text>, or choose another time
        </Text>
      </Press>
    );
  }
  const now = clockNow();
  return (
    <View style={{ gap: 4 }}>
      <Text as="strong">When</Text>
      <input
        type="datetime-local"
        aria-label="When"
        max={format(now + 60_000, "yyyy-MM-dd'T'HH:mm")}
        value={format(value ?? now, "yyyy-MM-dd'T'HH:mm")}
        onChange={(event) => {
          const at = new Date(event.target.value).getTime();
          onChange(Number.isFinite(at) ? at : null);
        }}
        style={{
          fontSize: 18,
          fontFamily: plain,
          padding: 12,
          color: roles.text,
          backgroundColor: roles.card,
          border: `1px solid ${roles.softText}`,
          borderRadius: 4,
          minHeight: 48,
          boxSizing: 'border-box',
        }}
      />
      <Text color={roles.softText}>{value === null ? 'Now.' : moment(value, now)}</Text>
    </View>
  );
}
