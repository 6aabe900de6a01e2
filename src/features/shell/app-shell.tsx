import { usePathname } from 'expo-router';
import { useDeferredValue, useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { clockNow } from '@/store/environment';
import { ticked } from '@/store/journal-slice';
import { selectAhead, selectHousehold, selectStatus } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { whenIdle } from '@/store/breathe';
import { PageFoot, SheetHost } from '@/ui/controls/sheet-host';
import { PlaceBar, type PlaceItem } from '@/ui/layout/place-bar';
import { useWide } from '@/ui/layout/use-wide';
import { useRoles } from '@/ui/theme/use-roles';
import { ForecastsProvider, QueueContext } from '../forecasting/forecasts';
import { queue, keeper, store } from './app-instance';
import { SaidNotice } from '../acts/act-context';
import { Banners } from './banners';
import { ErrorBoundary } from './error-boundary';
import { Keys } from './keys';
import { Opening } from './opening';
import { Bell } from '../brewday/lazy';
import { t } from '@/core/language/t';

const places: readonly PlaceItem[] = [
  { href: '/', label: t`Today`, icon: 'today' },
  { href: '/starters', label: t`Starters`, icon: 'starters' },
  { href: '/brews', label: t`Brews`, icon: 'brews' },
  { href: '/rack', label: t`Rack`, icon: 'rack' },
  { href: '/plan', label: t`Plan`, icon: 'plan' },
];
/** Beside the places on a rail; on a phone it stands at the head of each page. */
const more: PlaceItem = { href: '/more', label: t`More`, icon: 'more' };

const underMore: readonly string[] = [
  '/data',
  '/cautions',
  '/places',
  '/jars',
  '/workbook',
  '/back',
  '/clock',
];

const placeOf = (path: string) => {
  if (underMore.includes(path)) return '/more';
  if (path.startsWith('/bottles') || path === '/compare') return '/rack';
  return places.find((place) => place.href !== '/' && path.startsWith(place.href))?.href ?? '/';
};

/** The frame of every page: places, warnings that concern the whole journal, and the page itself. */
export function AppShell({ children }: { readonly children: ReactNode }) {
  const roles = useRoles();
  const wide = useWide();
  const path = usePathname();
  // A page that comes with the journal is drawn in pieces.
  const status = useDeferredValue(useAppSelector(selectStatus), 'loading');
  useUnsavedGuard();
  useDeskStart(status === 'ready');
  const bar = <PlaceBar items={wide ? [...places, more] : places} here={placeOf(path)} upright={wide} />;
  const ready = status === 'ready';
  const frame = (
    <View style={[styles.frame, { backgroundColor: roles.ground, flexDirection: wide ? 'row' : 'column' }]}>
      {wide ? bar : null}
      <View style={styles.page}>
        <ErrorBoundary>
          <Banners />
          {ready ? children : <Opening status={status} />}
        </ErrorBoundary>
        <PageFoot />
      </View>
      {wide ? null : bar}
      <Keys places={[...places, more]} />
    </View>
  );
  // The host within `Booked` draws sheets, so they read forecasts and write acts like a page. The frame is the same before the journal is there and after: what was opened meanwhile stays open.
  return (
    <ErrorBoundary>
      <Booked>{frame}</Booked>
    </ErrorBoundary>
  );
}

const said = <SaidNotice />;

/** The forecasts of all that lives, for whatever page is shown. */
function Booked({ children }: { readonly children: ReactNode }) {
  const household = useAppSelector(selectHousehold);
  const ahead = useAppSelector(selectAhead);
  const now = useNow();
  const path = usePathname();
  useEffect(() => {
    if (ahead.length > 0) store.dispatch(ticked(clockNow()));
  }, [ahead, now]);
  return (
    <QueueContext value={queue}>
      {household.settings.timer ? <Bell shown={path !== '/brews/day'} /> : null}
      <ForecastsProvider queue={queue} household={household} now={now}>
        <SheetHost foot={said}>{children}</SheetHost>
      </ForecastsProvider>
    </QueueContext>
  );
}

/** Kept answers are there at once; new ones are worked out when the page is idle, and old records bound into pages after that. */
function useDeskStart(ready: boolean) {
  useEffect(() => {
    if (!ready) return;
    whenIdle(() => void queue.start());
    const timer = setTimeout(() => whenIdle(() => void keeper.tidy().catch(() => undefined)), 20_000);
    return () => clearTimeout(timer);
  }, [ready]);
}

/** Holds the page on leaving while something is not on disk. */
function useUnsavedGuard() {
  useEffect(() => {
    const hold = (event: BeforeUnloadEvent) => {
      const { keeping, unsaved } = store.getState().journal;
      if (keeping.length + unsaved.length > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', hold);
    return () => window.removeEventListener('beforeunload', hold);
  }, []);
}

const styles = StyleSheet.create({
  frame: { flex: 1, minHeight: 0 },
  page: { flex: 1, minHeight: 0, minWidth: 0 },
});
