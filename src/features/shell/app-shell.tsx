import { usePathname, useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { selectStatus } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { PlaceBar, type PlaceItem } from '@/ui/layout/place-bar';
import { useWide } from '@/ui/layout/use-wide';
import { useRoles } from '@/ui/theme/use-roles';
import { Banners } from './banners';
import { usePlaceKeys } from './place-keys';

const places: readonly PlaceItem[] = [
  { href: '/', label: 'Today', icon: 'today' },
  { href: '/starters', label: 'Starters', icon: 'starters' },
  { href: '/brews', label: 'Brews', icon: 'brews' },
  { href: '/rack', label: 'Rack', icon: 'rack' },
  { href: '/more', label: 'More', icon: 'more' },
];

const placeOf = (path: string) => {
  if (path === '/data' || path === '/cautions') return '/more';
  return places.find((place) => place.href !== '/' && path.startsWith(place.href))?.href ?? '/';
};

/** The frame of every page: places, warnings that concern the whole journal, and the page itself. */
export function AppShell({ children }: { readonly children: ReactNode }) {
  const roles = useRoles();
  const wide = useWide();
  const path = usePathname();
  const router = useRouter();
  const status = useAppSelector(selectStatus);
  const go = (href: string) => router.navigate(href as never);
  usePlaceKeys(places, go);
  const bar = <PlaceBar items={places} here={placeOf(path)} onGo={go} upright={wide} />;
  return (
    <View style={[styles.frame, { backgroundColor: roles.ground, flexDirection: wide ? 'row' : 'column' }]}>
      {wide ? bar : null}
      <View style={styles.page}>
        <Banners />
        {status === 'ready' ? children : <Opening failed={status === 'unreadable'} />}
      </View>
      {wide ? null : bar}
    </View>
  );
}

function Opening({ failed }: { readonly failed: boolean }) {
  return (
    <View role="main" style={styles.opening}>
      {failed ? (
        <Note tone="danger">
          This browser does not let Yuzet read its storage, perhaps in a private window. Open it in an
          ordinary window; nothing was changed.
        </Note>
      ) : (
        <Text as="heading" level={1}>
          Opening the journal…
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { flex: 1, minHeight: 0 },
  page: { flex: 1, minHeight: 0, minWidth: 0 },
  opening: { flex: 1, justifyContent: 'center', alignItems: 'center', padding: 24 },
});
