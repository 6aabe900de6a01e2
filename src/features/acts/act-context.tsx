import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import type { Act, Entry } from '@/core/journal/entry';
import { useKeeper } from '@/store/keeper-context';
import { Notice } from '@/ui/controls/notice';

/** Writes an act into the journal and says so, with Undo; null when it is no entry, and a banner says why. `at` when it happened, if not now. */
export type WriteAct = (act: Act, said: string, at?: number) => Entry | null;

const ActContext = createContext<WriteAct>(() => {
  throw new Error('acts need the provider');
});

export const useAct = (): WriteAct => useContext(ActContext);

interface Said {
  readonly words: string;
  readonly entryId: string;
  readonly undone: boolean;
}

interface Saying {
  readonly said: Said | null;
  readonly gone: () => void;
}

const SayingContext = createContext<Saying>({ said: null, gone: () => undefined });

/** Provides `useAct`, and what was done last to `SaidNotice`. */
export function ActProvider({ children }: { readonly children: ReactNode }) {
  const keeper = useKeeper();
  const [said, setSaid] = useState<Said | null>(null);
  const act = useCallback<WriteAct>(
    (what, words, at) => {
      const entry = keeper.write(what, at);
      if (entry) setSaid({ words, entryId: entry.id, undone: what.kind === 'undone' });
      return entry;
    },
    [keeper],
  );
  const saying = useMemo(() => ({ said, gone: () => setSaid(null) }), [said]);
  return (
    <ActContext.Provider value={act}>
      <SayingContext.Provider value={saying}>{children}</SayingContext.Provider>
    </ActContext.Provider>
  );
}

/** The line at the foot of the page that says what was done and takes it back, and back again. */
export function SaidNotice() {
  const act = useAct();
  const { said, gone } = useContext(SayingContext);
  if (!said) return null;
  return (
    <Notice
      words={said.words}
      action={said.undone ? 'Redo' : 'Undo'}
      onAction={() =>
        act({ kind: 'undone', targetId: said.entryId }, said.undone ? 'Restored.' : 'Taken back.')
      }
      onGone={gone}
      raised={84}
    />
  );
}
