import { useRef } from 'react';

/** What is asked of a pointer. */
interface PointerLike {
  readonly clientX: number;
  readonly pointerId: number;
  readonly currentTarget: HTMLElement;
}

/**
 * Handlers for something that is drawn along while a finger or the mouse holds it.
 *
 * @param onAt how far from its left edge it is held, px: when it is taken, and at each move
 * @returns to be spread on the element
 */
export function useHold(onAt: (pixels: number) => void): object {
  const held = useRef(false);
  const read = ({ clientX, currentTarget }: PointerLike) =>
    onAt(clientX - currentTarget.getBoundingClientRect().left);
  const release = () => (held.current = false);
  return {
    onPointerDown: (event: PointerLike) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      held.current = true;
      read(event);
    },
    onPointerMove: (event: PointerLike) => held.current && read(event),
    onPointerUp: release,
    onPointerCancel: release,
  };
}
