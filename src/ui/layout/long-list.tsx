import { lazy, Suspense, type ReactNode } from 'react';
import { View } from 'react-native';

export interface ListProps<T> {
  readonly items: readonly T[];
  readonly row: (item: T) => ReactNode;
  /** Height of a row not drawn yet, px: a guess, until it was in sight once. */
  readonly rowHeight: number;
  /** An item that must be drawn, wherever it is. */
  readonly mustDraw?: number | undefined;
  readonly gap?: number;
}

/** Lists up to this length are drawn whole. */
const shortList = 30;

const Virtual = lazy(async () => ({ default: (await import('./virtual-list')).VirtualList<unknown> }));

/** A list of any length: of a long one the rows in sight are drawn, its first rows until the part that follows a thumb is there. */
export function LongList<T>({ items, row, gap, ...rest }: ListProps<T>) {
  const first = <View style={{ gap }}>{items.slice(0, shortList).map(row)}</View>;
  if (items.length <= shortList) return first;
  return (
    <Suspense fallback={first}>
      <Virtual items={items} row={(item) => row(item as T)} gap={gap} {...rest} />
    </Suspense>
  );
}
