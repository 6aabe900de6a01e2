import { limitOf } from '@/core/settings/wear-of-makes';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { potentialWords } from '@/words/bottles/bottling-words';
import type { Worked } from './table-state';

/** What the bottle that could come to most would do if all in it were to ferment. */
export function Strongest({ rows }: { readonly rows: readonly Worked[] }) {
  const household = useAppSelector(selectHousehold);
  const [top] = [...rows].sort((a, b) => b.charged.potentialBar - a.charged.potentialBar);
  if (!top) return null;
  const { kind, ml, stock } = top.bottle;
  const limit = limitOf({ kind, ml, ...(stock === null ? {} : { stock }) }, household);
  return <Text testID="strongest">{potentialWords(top.charged, limit)}</Text>;
}
