import type { Entry } from '../core/journal/entry';

/** What tabs of one household tell each other. */
export type TabMessage =
  | { readonly kind: 'added'; readonly entries: readonly Entry[] }
  | { readonly kind: 'wiped'; readonly epoch: string };

export interface Tabs {
  tell(message: TabMessage): void;
  listen(hear: (message: TabMessage) => void): void;
  /** Runs work that no other tab of the household does at the same time. */
  alone<T>(work: () => Promise<T>): Promise<T>;
  /** Changes whenever everything is forgotten: what was written under another epoch is not written any more. */
  epoch(): string;
  newEpoch(): string;
  /** Writers of the other tabs that are open; none where the browser cannot tell. */
  living(): Promise<ReadonlySet<string>>;
}

/** Tabs of one browser: a BroadcastChannel, a lock, and a mark both see at once. */
export function browserTabs(household: string, writer: string): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`yuzet:${household}`);
  const key = `yuzet.epoch.${household}`;
  const epoch = () => {
    try {
      return localStorage.getItem(key) ?? '';
    } catch {
      return '';
    }
  };
  // Held as long as the page lives.
  const alive = `yuzet:tab:${household}:`;
  void navigator.locks?.request(alive + writer, () => new Promise(() => undefined));
  return {
    living: async () => {
      const locks = (await navigator.locks?.query())?.held ?? [];
      const names = locks.map(({ name }) => name ?? '').filter((name) => name.startsWith(alive));
      return new Set(names.map((name) => name.slice(alive.length)).filter((name) => name !== writer));
    },
    tell: (message) => channel?.postMessage(message),
    listen: (hear) => {
      if (channel) channel.onmessage = (event: MessageEvent<TabMessage>) => hear(event.data);
    },
    alone: (work) =>
      navigator.locks
        ? (navigator.locks.request(`yuzet:${household}`, work) as ReturnType<typeof work>)
        : work(),
    epoch,
    newEpoch: () => {
      const next = String(Number(epoch() || 0) + 1);
      try {
        localStorage.setItem(key, next);
      } catch {
        // Without it other tabs still hear the message.
      }
      return next;
    },
  };
}
