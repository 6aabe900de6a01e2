import { useEffect, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { elementOf } from '../redraw';

interface Props<T> {
  readonly items: readonly T[];
  readonly row: (item: T) => ReactNode;
  /** Height of a row not drawn yet, px: a guess, until its page was in sight once. */
  readonly rowHeight: number;
  /** An item that must be drawn, wherever it is. */
  readonly mustDraw?: number | undefined;
  readonly gap?: number;
}

const pageLength = 30;
/** Pages nearer to the window than this are drawn: a quick thumb never meets a blank. */
const margin = '1200px 0px';

/** A list of any length: its first page, and those in sight and beside it, are drawn; the rest keep their room. */
export function LongList<T>({ items, row, rowHeight, mustDraw = 0, gap = 0 }: Props<T>) {
  const pages: (readonly T[])[] = [];
  for (let from = 0; from < items.length; from += pageLength)
    pages.push(items.slice(from, from + pageLength));
  return (
    <View style={{ gap }}>
      {pages.map((page, index) => (
        <Page
          key={index}
          always={index === 0}
          drawnAtFirst={index === Math.floor(mustDraw / pageLength)}
          roomPx={page.length * (rowHeight + gap) - gap}
          gap={gap}
        >
          {() => page.map(row)}
        </Page>
      ))}
    </View>
  );
}

interface PageProps {
  readonly always: boolean;
  readonly drawnAtFirst: boolean;
  readonly roomPx: number;
  readonly gap: number;
  readonly children: () => ReactNode;
}

function Page({ always, drawnAtFirst, roomPx, gap, children }: PageProps) {
  const place = useRef<View>(null);
  const [room, setRoom] = useState(roomPx);
  const [inSight, setInSight] = useState(always || drawnAtFirst);
  useEffect(() => {
    const element = elementOf(place.current);
    if (always) return undefined;
    if (!element || typeof IntersectionObserver === 'undefined') return setInSight(true);
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry) return;
        if (!entry.isIntersecting) setRoom(entry.boundingClientRect.height);
        setInSight(entry.isIntersecting);
      },
      // The page scrolls inside the window: the margin must count there too.
      { rootMargin: margin, scrollMargin: margin } as IntersectionObserverInit,
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [always]);
  return (
    <View ref={place} style={inSight ? { gap } : { height: room }}>
      {inSight ? children() : null}
    </View>
  );
}
