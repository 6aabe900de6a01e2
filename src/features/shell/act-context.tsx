import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { Snackbar } from 'react-native-paper';
import type { Act, Entry } from '@/core/journal/entry';
import { useKeeper } from '@/store/keeper-context';

/** Writes an act into the journal and says so, with Undo. */
export type WriteAct = (act: Act, said: string) => Entry;

const ActContext = createContext<WriteAct>(() => {
  throw new Error('acts need the provider');
});

export const useAct = (): WriteAct => useContext(ActContext);

interface Said {
  readonly words: string;
  readonly entryId: string;
  readonly undone: boolean;
}

/** Provides `useAct`, and the line at the foot of the page that says what was done and takes it back. */
export function ActProvider({ children }: { readonly children: ReactNode }) {
  const keeper = useKeeper();
  const [said, setSaid] = useState<Said | null>(null);
  const act = useCallback<WriteAct>(
    (what, words) => {
      const entry = keeper.write(what);
      setSaid({ words, entryId: entry.id, undone: what.kind === 'undone' });
      return entry;
    },
    [keeper],
  );
  const undo = useMemo(
    () =>
      said
        ? {
            label: said.undone ? 'Redo' : 'Undo',
            onPress: () =>
              act({ kind: 'undone', targetId: said.entryId }, said.undone ? 'Restored.' : 'Taken back.'),
          }
        : undefined,
    [said, act],
  );
  return (
    <ActContext.Provider value={act}>
      {children}
      <Snackbar
        visible={said !== null}
        onDismiss={() => setSaid(null)}
        duration={9000}
        action={undo}
        wrapperStyle={{ bottom: 72 }}
      >
        {said?.words ?? ''}
      </Snackbar>
    </ActContext.Provider>
  );
}
