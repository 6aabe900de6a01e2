import { clockNow, mode, offsetAt, writer } from '@/store/environment';
import { JournalKeeper } from '@/store/journal-keeper';
import { browserStorage } from '@/store/journal-storage';
import { createStore } from '@/store/store';
import { browserTabs } from '@/store/tabs';

const household = mode.demo ? 'yuzet-demo' : 'yuzet';

/** The app's one store and the keeper of its journal: put together here, handed on by context. */
export const store = createStore();

export const keeper = new JournalKeeper({
  store,
  storage: browserStorage(household, async () => (await import('../forms/drawer')).parseEntry),
  tabs: browserTabs(household),
  now: clockNow,
  offsetAt,
  writer,
  ...(mode.demo
    ? { seed: async (entries) => (await import('@/demo/sow')).sow(entries, clockNow(), offsetAt(clockNow())) }
    : {}),
});
