import type { Lot } from '@/core/lots/lot';
import { beginningOf, isBeginning } from '@/core/starter/beginning-run';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { BeginningCard } from './beginning-card';

/** The first days of a jar, or of a brew that lives on its base alone; nothing once they are over. */
export function BeginningGuide({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const { warmths } = useAppSelector(selectHousehold);
  const run = beginningOf(lot, warmths, now);
  return run && isBeginning(lot, run) ? <BeginningCard run={run} lot={lot} now={now} /> : null;
}
