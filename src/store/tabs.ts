import type { Entry } from '../core/journal/entry';

/** What tabs of one household tell each other. */
export type TabMessage =
  { readonly kind: 'added'; readonly entries: readonly Entry[] } | { readonly kind: 'wiped' };

export interface Tabs {
  tell(message: TabMessage): void;
  listen(hear: (message: TabMessage) => void): void;
}

/** Tabs of one browser, over a BroadcastChannel; silent where there is none. */
export function browserTabs(household: string): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`yuzet:${household}`);
  return {
    tell: (message) => channel?.postMessage(message),
    listen: (hear) => {
      if (channel) channel.onmessage = (event: MessageEvent<TabMessage>) => hear(event.data);
    },
  };
}
