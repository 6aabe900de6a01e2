import { refusalWords } from '@/words/refusals';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { Result } from '@/core/result';
import { useKeeper } from '@/store/keeper-context';
import { nameFault } from '../../../forms/name-fault';
import { useAct } from '../../../acts/act-context';
import { beginningOf } from './start-brew';
import type { Planned } from './worktop-plan';
import { nameOf, type WorktopState } from './worktop-state';
import { t } from '@/core/language/t';

type How = 'mixed' | 'steps';

/** Begins what is composed: all at once, or step by step; what was tried, and what stands in its way. */
export function useBegin(
  state: WorktopState,
  worked: Result<Planned>,
  dropDraft: () => void,
): { readonly begin: (how: How) => void; readonly tried: How | null; readonly fault: string | null } {
  const act = useAct();
  const keeper = useKeeper();
  const router = useRouter();
  const [tried, setTried] = useState<How | null>(null);
  const begin = (how: How) => {
    setTried(how);
    if (!worked.ok || nameFault(nameOf(state))) return;
    const beginning = beginningOf(state, worked.value, how);
    if (!beginning.ok) return;
    // Counter mode has its big buttons where the line with Undo would lie.
    const said = t`${nameOf(state)} is on its way.`;
    const entry = how === 'steps' ? keeper.write(beginning.value) : act(beginning.value, said);
    if (!entry) return;
    dropDraft();
    router.replace(how === 'steps' ? `/brews/day?brew=${entry.id}` : `/brews/${entry.id}`);
  };
  const tryable = worked.ok && tried ? beginningOf(state, worked.value, tried) : worked;
  return { begin, tried, fault: tried && !tryable.ok ? refusalWords(tryable) : null };
}
