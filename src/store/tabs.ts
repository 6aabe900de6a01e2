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
}

/** Tabs of one browser: a BroadcastChannel, a lock, and a mark both see at once. */
export function browserTabs(household: string): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`yuzet:${household}`);
  const key = `yuzet.epoch.${household}`;
  const epoch = () => {
    try {
      return localStorage.getItem(key) ?? '';
    } catch {
      return '';
    }
  };
  return {
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
