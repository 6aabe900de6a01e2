import { loadAsync } from 'expo-font';
import { Slot } from 'expo-router';
import { startTransition, useEffect, useState } from 'react';
import { useColorScheme } from 'react-native';
import { Provider } from 'react-redux';
import { ActProvider } from '@/features/acts/act-context';
import { AppShell } from '@/features/shell/app-shell';
import { begin as beginApp, keeper, store } from '@/features/shell/app-instance';
import { fetchPlaces } from '@/features/shell/places';
import { watchForUpdates } from '@/features/shell/update';
import { KeeperContext } from '@/store/keeper-context';
import { selectLook } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { markPresses } from '@/ui/controls/press-mark';
import { fontFiles } from '@/ui/theme/font-files';
import { dayRoles, nightRoles } from '@/ui/theme/roles';
import { ThemedPaper } from '@/ui/theme/themed-paper';
import { provideChunks } from '@/ui/lazy/chunks';

provideChunks({ forms: () => import('@/chunks/forms'), charts: () => import('@/chunks/charts') });

export default function RootLayout() {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    // With its fonts there, or without them; and drawn in pieces, so that the page answers meanwhile.
    const begin = () => startTransition(() => setReady(true));
    void loadAsync(fontFiles).then(begin, begin);
    beginApp();
    watchForUpdates();
    const endMarks = markPresses(document.body);
    const endPlaces = fetchPlaces();
    return () => {
      endMarks();
      endPlaces();
    };
  }, []);
  if (!ready) return null;
  return (
    <Provider store={store}>
      <KeeperContext value={keeper}>
        <Themed />
      </KeeperContext>
    </Provider>
  );
}

function Themed() {
  // The page of public/index.html that stood in until now.
  useEffect(() => {
    document.getElementById('shell')?.remove();
    performance.mark('first page');
  }, []);
  const system = useColorScheme();
  const choice = useAppSelector(selectLook);
  const dark = choice === 'system' ? system === 'dark' : choice === 'night';
  return (
    <ThemedPaper roles={dark ? nightRoles : dayRoles}>
      <ActProvider>
        <AppShell>
          <Slot />
        </AppShell>
      </ActProvider>
    </ThemedPaper>
  );
}
