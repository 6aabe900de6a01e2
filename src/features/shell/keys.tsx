import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { PlaceItem } from '@/ui/layout/place-bar';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { FindSheet } from './lazy';
import { t } from '@/core/language/t';

interface Props {
  readonly places: readonly PlaceItem[];
}

const keys = [
  [t`1 to 6`, t`the places, in their order`],
  ['n', t`a new brew`],
  ['/', t`find a starter, a brew or a bottle`],
  ['?', t`this list`],
  [t`arrows`, t`on a handle: an hour; Page Up and Down: half a day`],
  [t`Esc`, t`leave a sheet`],
] as const;

/** Keys for a wide screen: digits, n, / and ?, unless something is being typed. */
export function Keys({ places }: Props) {
  const router = useRouter();
  const [open, setOpen] = useState<'keys' | 'find' | null>(null);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target?.closest('input, textarea, select, [role="dialog"]')
      )
        return;
      const place = places[Number(event.key) - 1];
      if (place) router.navigate(place.href);
      else if (event.key === 'n') router.navigate('/brews/new');
      else if (event.key === '/') setOpen('find');
      else if (event.key === '?') setOpen('keys');
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [places, router]);
  if (open === 'find') return <FindSheet onClose={() => setOpen(null)} />;
  if (open !== 'keys') return null;
  return (
    <Sheet title={t`Keys`} onClose={() => setOpen(null)}>
      {keys.map(([key, words]) => (
        <View key={key} style={{ flexDirection: 'row', gap: 16 }}>
          <Text as="strong" style={{ width: 80 }}>
            {key}
          </Text>
          <Text style={{ flex: 1 }}>{words}</Text>
        </View>
      ))}
    </Sheet>
  );
}
