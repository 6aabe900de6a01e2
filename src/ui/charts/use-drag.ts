import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import { elementOf } from '../redraw';

/**
 * Follows a finger or the mouse that holds an element. While it is held, moves are taken before anything else on the page sees
 * them: what else listens for them works at every move, which a slow phone has no time for.
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
    const node = elementOf(element.current);
    if (!node) return undefined;
    let from = 0;
    const move = (event: PointerEvent) => {
      event.stopPropagation();
      latest.current(event.clientX - from, 'move');
    };
    const keep = (event: Event) => event.stopPropagation();
    const first = { capture: true, passive: true };
    const release = () => {
      window.removeEventListener('pointermove', move, first);
      window.removeEventListener('touchmove', keep, first);
    };
    const grip = (event: PointerEvent) => {
      node.setPointerCapture(event.pointerId);
      from = event.clientX;
      latest.current(0, 'start');
      window.addEventListener('pointermove', move, first);
      window.addEventListener('touchmove', keep, first);
    };
    node.addEventListener('pointerdown', grip);
    node.addEventListener('pointerup', release);
    node.addEventListener('pointercancel', release);
    return () => {
      release();
      node.removeEventListener('pointerdown', grip);
      node.removeEventListener('pointerup', release);
      node.removeEventListener('pointercancel', release);
    };
  }, [element]);
}
