import type { createFocusTrap } from 'focus-trap';
import { useEffect, useRef } from 'react';
import type { View } from 'react-native';
import { elementOf } from '../redraw';

/** A box to search by is what the sheet is for. */
const firstIn = (dialog: HTMLElement): HTMLElement =>
  dialog.querySelector<HTMLElement>('[role=searchbox]') ?? dialog;

/**
 * Holds the keyboard inside a dialog until it goes: Tab goes round, Escape leaves, and the focus returns to where it was.
 *
 * @param before where the focus was
 * @returns what ends it
 */
function holdFocus(
  create: typeof createFocusTrap,
  dialog: HTMLElement,
  before: HTMLElement | null,
  leave: () => void,
): () => void {
  const trap = create(dialog, {
    initialFocus: dialog.contains(document.activeElement) ? false : firstIn(dialog),
    fallbackFocus: dialog,
    setReturnFocus: (usual) => before ?? usual,
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

/** Focus and Escape of a dialog, until what holds them for good is there. @returns what ends it */
function holdAtOnce(dialog: HTMLElement, leave: () => void): () => void {
  firstIn(dialog).focus({ preventScroll: true });
  const escape = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    leave();
  };
  document.addEventListener('keydown', escape, true);
  return () => document.removeEventListener('keydown', escape, true);
}

/** Holds the keyboard in what the ref stands at, from when it is there until it goes. */
export function useHeldFocus(leave: () => void) {
  const dialog = useRef<View>(null);
  const newest = useRef(leave);
  useEffect(() => {
    newest.current = leave;
  });
  useEffect(() => {
    const element = elementOf(dialog.current);
    if (!element) return;
    const before = document.activeElement instanceof HTMLElement ? document.activeElement : null;
    const go = () => newest.current();
    let end = holdAtOnce(element, go);
    let gone = false;
    let held = false;
    // A start opens no sheet: what holds its focus is fetched with the first, and kept for later visits.
    import('focus-trap').then(
      ({ createFocusTrap: create }) => {
        if (gone) return;
        end();
        end = holdFocus(create, element, before, go);
        held = true;
      },
      () => undefined,
    );
    return () => {
      gone = true;
      end();
      if (!held) before?.focus({ preventScroll: true });
    };
  }, []);
  return dialog;
}
