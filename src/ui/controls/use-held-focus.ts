import type { createFocusTrap } from 'focus-trap';
import { useEffect, useRef } from 'react';
import type { View } from 'react-native';
import { elementOf } from '../redraw';

/**
 * Holds the keyboard inside a dialog until it goes: Tab goes round, Escape leaves, and the focus returns to where it was.
 *
 * @returns what ends it
 */
function holdFocus(
  create: typeof createFocusTrap,
  dialog: HTMLElement | null,
  leave: () => void,
): () => void {
  if (!dialog) return () => undefined;
  const trap = create(dialog, {
    // A box to search by is what the sheet is for.
    initialFocus: dialog.querySelector<HTMLElement>('[role=searchbox]') ?? dialog,
    fallbackFocus: dialog,
    escapeDeactivates: (event) => {
      event.stopPropagation();
      leave();
      return false;
    },
    // The page beside it takes a tap: the line that says what was done has its Undo there.
    allowOutsideClick: true,
    preventScroll: true,
    // Where nothing is laid out, as in a test's document, everything counts as shown.
    tabbableOptions: { displayCheck: dialog.offsetParent === null ? 'none' : 'full' },
  }).activate();
  return () => void trap.deactivate();
}

/** Holds the keyboard in what the ref stands at, from when it is there until it goes. */
export function useHeldFocus(leave: () => void) {
  const dialog = useRef<View>(null);
  const newest = useRef(leave);
  useEffect(() => {
    newest.current = leave;
  });
  useEffect(() => {
    let end: (() => void) | null = null;
    let gone = false;
    // A start opens no sheet: what holds its focus is fetched with the first, and kept for later visits.
    import('focus-trap').then(
      ({ createFocusTrap: create }) => {
        if (!gone) end = holdFocus(create, elementOf(dialog.current), () => newest.current());
      },
      () => undefined,
    );
    return () => {
      gone = true;
      end?.();
    };
  }, []);
  return dialog;
}
