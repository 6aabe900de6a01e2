import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/**
 * Follows a finger or the mouse that holds an element. It listens on the element itself and keeps touches from going further:
 * what else listens for them on the page works at every move, which a slow phone has no time for.
 *
 * @param onDrag a horizontal move in pixels from where the drag began
 */
export function useDrag(
  element: RefObject<View | null>,
  onDrag: (pixels: number, phase: 'start' | 'move') => void,
): void {
  const latest = useRef(onDrag);
  useEffect(() => {
    latest.current = onDrag;
  });
  useEffect(() => {
    const node = element.current as unknown as HTMLElement | null;
    if (!node) return undefined;
    let from: number | null = null;
    const listeners: Partial<Record<keyof HTMLElementEventMap, (event: never) => void>> = {
      pointerdown: (event: PointerEvent) => {
        node.setPointerCapture(event.pointerId);
        from = event.clientX;
        latest.current(0, 'start');
      },
      pointermove: (event: PointerEvent) => {
        if (from === null) return;
        event.stopPropagation();
        latest.current(event.clientX - from, 'move');
      },
      touchmove: (event: TouchEvent) => event.stopPropagation(),
      pointerup: () => (from = null),
      pointercancel: () => (from = null),
    };
    const each = Object.entries(listeners) as [string, EventListener][];
    each.forEach(([name, listener]) => node.addEventListener(name, listener, { passive: true }));
    return () => each.forEach(([name, listener]) => node.removeEventListener(name, listener));
  }, [element]);
}
