import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import { elementOf } from '../redraw';

/** Steps a handle by its keys while it has the focus: so many steps a key, and whether Shift is held. */
export function useKeySteps(
  element: RefObject<View | null>,
  keys: Readonly<Record<string, number>>,
  onStep: (steps: number, shift: boolean) => void,
): void {
  const latest = useRef(onStep);
  useEffect(() => {
    latest.current = onStep;
  });
  useEffect(() => {
    const node = elementOf(element.current);
    if (!node) return undefined;
    const press = (event: KeyboardEvent) => {
      const steps = keys[event.key];
      if (steps === undefined) return;
      event.preventDefault();
      latest.current(steps, event.shiftKey);
    };
    node.addEventListener('keydown', press);
    return () => node.removeEventListener('keydown', press);
  }, [element, keys]);
}
