import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { sugarLeft } from '@/core/forecast/question/living-liquid';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { quarter } from '@/words/moment';

/** What a jar's liquid has left of its sugar now, g/L: by its own history; null for what is not alive. */
export function useSugarLeft(): (lot: Lot) => number | null {
  const kitchen = liquidsOf(useAppSelector(selectHousehold));
  const now = quarter(useNow());
  // To a quarter of an hour, but never before what was done last.
  return (lot) => sugarLeft(lot, kitchen, Math.max(now, lot.events.at(-1)?.at ?? now));
}
