import { useState } from 'react';
import { clockNow } from '@/store/environment';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { moment } from '@/words/moment';
import { MomentField } from '../../ui/controls/moment-field';
import { t } from '@/core/language/t';

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
      <Press role="button" aria-label={t`When: now. Change`} onPress={() => setOpen(true)}>
        <Text color={roles.softText}>
          {t`When: `}
          <Text as="strong">{t`now`}</Text>
          {t`, or choose another time`}
        </Text>
      </Press>
    );
  }
  const now = clockNow();
  return (
    <MomentField
      label={t`When`}
      value={value ?? now}
      max={now + 60_000}
      onChange={onChange}
      said={value === null ? t`Now.` : moment(value, now)}
    />
  );
}
