import { useState } from 'react';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { t } from '@/core/language/t';

const permission = () => (typeof Notification === 'undefined' ? null : Notification.permission);

/** Asks whether what becomes due may be said as a notification; nothing where the browser shows none. */
export function RemindButton() {
  const [allowed, setAllowed] = useState(permission);
  if (allowed === null) return null;
  if (allowed === 'granted')
    return <Text>{t`What is due is shown as a notification while Today is open.`}</Text>;
  if (allowed === 'denied') return <Text>{t`This browser shows no notifications of Yuzet.`}</Text>;
  return (
    <InkButton
      quiet
      label={t`Remind me on this device`}
      style={{ alignSelf: 'flex-start' }}
      onPress={() => void Notification.requestPermission().then(setAllowed, () => setAllowed(permission()))}
    />
  );
}
