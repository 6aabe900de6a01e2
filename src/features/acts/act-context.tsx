import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import type { Act, Entry } from '@/core/journal/entry';
import { useKeeper } from '@/store/keeper-context';
import { Notice } from '@/ui/controls/notice';
import { t } from '@/core/language/t';

/** Writes an act into the journal and says so, with Undo; null when it is no entry, and a banner says why. `at` when it happened, if not now. */
export type WriteAct = (act: Act, said: string, at?: number) => Entry | null;

export interface Acts {
  readonly act: WriteAct;
  /** What is written within is one act: one row of the ledger, and one Undo for all of it. */
  readonly together: <T>(write: () => T) => T;
  /** Takes back what was done, all of an act that wrote several entries. */
  readonly takeBack: (entry: Entry) => void;
}

const ActContext = createContext<Acts | null>(null);

export function useActs(): Acts {
  const acts = useContext(ActContext);
  if (!acts) throw new Error('useActs is called outside ActProvider');
  return acts;
}

export const useAct = (): WriteAct => useActs().act;

/** A short tick under the finger, where the device has one and lets a page use it. */
const tick = () => void (navigator as Partial<Navigator>).vibrate?.(tickMs);
const tickMs = 12;

interface Said {
  readonly words: string;
  readonly entry: Entry;
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
      if (entry) {
        setSaid({ words, entry, undone: false });
        tick();
      }
      return entry;
    },
    [keeper],
  );
  const takeBack = useCallback(
    (taken: Entry) => {
      const entry = keeper.takeBack(taken);
      const undone = taken.kind !== 'undone';
      if (entry) setSaid({ words: undone ? t`Taken back.` : t`Restored.`, entry, undone });
    },
    [keeper],
  );
  const acts = useMemo(
    () => ({ act, takeBack, together: <T,>(write: () => T) => keeper.together(write) }),
    [act, takeBack, keeper],
  );
  const saying = useMemo(() => ({ said, gone: () => setSaid(null) }), [said]);
  return (
    <ActContext.Provider value={acts}>
      <SayingContext.Provider value={saying}>{children}</SayingContext.Provider>
    </ActContext.Provider>
  );
}

/** The line at the foot of the page that says what was done and takes it back, and back again. */
export function SaidNotice() {
  const { takeBack } = useActs();
  const { said, gone } = useContext(SayingContext);
  if (!said) return null;
  return (
    <Notice
      words={said.words}
      action={said.undone ? t`Redo` : t`Undo`}
      onAction={() => takeBack(said.entry)}
      onGone={gone}
    />
  );
}
