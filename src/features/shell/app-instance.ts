import '@/workers/without-eval';
import { clockNow, goBy, longMemory, mode, offsetAt, writer } from '@/store/environment';
import { answerCache } from '@/store/disk/answer-cache';
import { connectionTo } from '@/store/disk/connection';
import { journalDisk } from '@/store/disk/journal-disk';
import { SecondCopy } from '@/store/disk/second-copy';
import { JournalKeeper } from '@/store/journal-keeper';
import { createStore } from '@/store/store';
import { browserTabs } from '@/store/tabs';
import { workerAnswerer } from '@/workers/forecast-client';
import { ForecastQueue } from '@/workers/forecast-queue';

const household = mode.demo ? 'yuzet-demo' : 'yuzet';

/** The app's one store, journal and forecast queue: put together here, handed on by context. */
export const store = createStore();

const disk = journalDisk(
  connectionTo(household),
  async () => (await import('@/core/journal/migrate/read-entries')).readEntries,
);

export const queue = new ForecastQueue(
  workerAnswerer,
  answerCache(connectionTo(`${household}-answers`)),
  clockNow,
);

export const keeper = new JournalKeeper({
  store,
  disk,
  copy: new SecondCopy(longMemory(), household, writer),
  tabs: browserTabs(household, writer),
  now: clockNow,
  offsetAt,
  writer,
  found: () => void queue.expect(),
  behind: goBy,
  forgotten: () => queue.forget(),
  ...(mode.demo
    ? {
        seed: async (entries) =>
          (await import('@/demo/seed-demo')).seedDemo(entries, clockNow(), offsetAt(clockNow())),
      }
    : {}),
});

let begun = false;

/** Begins to read the journal and what was answered before; called as early as can be, and once more by the page. */
export function begin(): void {
  if (begun) return;
  begun = true;
  void keeper.open();
  void queue.recall();
}
