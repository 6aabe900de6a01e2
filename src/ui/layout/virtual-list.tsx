import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useLayoutEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { elementOf } from '../redraw';
import type { ListProps } from './long-list';

/** Rows drawn beyond the window, each way: a quick thumb never meets a blank. */
const overscan = 15;

/** Rows that move as those above them are measured: the virtualizer holds the place, the browser must not hold it too. */
const unanchored = { overflowAnchor: 'none' } as object;

/** The rows of a long list that are in sight and beside it; the others keep their room. */
export function VirtualList<T>({ items, row, rowHeight, mustDraw = -1, gap = 0 }: ListProps<T>) {
  const [list, setList] = useState<HTMLElement | null>(null);
  const place = useCallback((view: View | null) => setList(elementOf(view)), []);
  const scroller = useMemo(() => list && scrollingParent(list), [list]);
  const above = useOffset(list, scroller);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions change with the scroll, and nothing here is memoized
  const virtualizer = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller,
    estimateSize: () => rowHeight,
    // React Native's scroll view has a scrollTo of its own make on its element.
    scrollToFn: (offset, { adjustments = 0 }) => {
      if (scroller) scroller.scrollTop = offset + adjustments;
    },
    scrollMargin: above,
    gap,
    overscan,
    rangeExtractor: (range) =>
      [...new Set([...defaultRangeExtractor(range), mustDraw])].filter((i) => i >= 0).sort((a, b) => a - b),
  });
  const { measureElement } = virtualizer;
  const measure = useCallback((view: View | null) => measureElement(elementOf(view)), [measureElement]);
  return (
    <View ref={place} style={[unanchored, { height: virtualizer.getTotalSize() }]}>
      {virtualizer.getVirtualItems().map(({ index, key, start }) => (
        <View
          key={key}
          ref={measure}
          {...{ dataSet: { index } }}
          style={{ position: 'absolute', left: 0, right: 0, top: start - above }}
        >
          {row(items[index]!)}
        </View>
      ))}
    </View>
  );
}

/** How far below the beginning of the part that scrolls it a list lies, px. */
function useOffset(list: HTMLElement | null, scroller: HTMLElement | null): number {
  const [above, setAbove] = useState(0);
  useLayoutEffect(() => {
    if (!list || !scroller) return undefined;
    const measure = () => {
      const top = list.getBoundingClientRect().top - scroller.getBoundingClientRect().top;
      setAbove(Math.round(top + scroller.scrollTop));
    };
    // Called at once, and again whenever what stands above the list opens or closes.
    const observer = new ResizeObserver(measure);
    for (const part of Array.from(scroller.children)) observer.observe(part);
    return () => observer.disconnect();
  }, [list, scroller]);
  return above;
}

function scrollingParent(element: HTMLElement): HTMLElement {
  for (let parent = element.parentElement; parent; parent = parent.parentElement)
    if (/auto|scroll/.test(getComputedStyle(parent).overflowY)) return parent;
  return document.documentElement;
}
