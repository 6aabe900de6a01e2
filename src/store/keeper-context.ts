import { createContext, useContext } from 'react';
import type { JournalKeeper } from './journal-keeper';

export const KeeperContext = createContext<JournalKeeper | null>(null);

/** The keeper of the journal on view. */
export function useKeeper(): JournalKeeper {
  const keeper = useContext(KeeperContext);
  if (!keeper) throw new Error('the journal has no keeper here');
  return keeper;
}
