import { clockNow, mode, offsetAt, writer } from './environment';
import { JournalKeeper } from './journal-keeper';
import { browserStorage } from './journal-storage';
import { createStore } from './store';
import { browserTabs } from './tabs';

const household = mode.demo ? 'yuzet-demo' : 'yuzet';

/** The app's one store and the keeper of its journal. */
export const store = createStore();

export const keeper = new JournalKeeper({
  store,
  storage: browserStorage(household),
  tabs: browserTabs(household),
  now: clockNow,
  offsetAt,
  writer,
  ...(mode.demo
    ? {
        seed: async (entries) => (await import('../demo/sow')).sow(entries, clockNow(), offsetAt(clockNow())),
      }
    : {}),
});
