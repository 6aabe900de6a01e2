const focusable = 'a[href], button, input, textarea, select, [tabindex]:not([tabindex="-1"])';

/**
 * Holds the keyboard inside a dialog until it goes: Tab goes round, Escape leaves, and the focus returns to where it was.
 *
 * @returns what ends it
 */
export function holdFocus(dialog: HTMLElement | null, leave: () => void): () => void {
  if (!dialog) return () => undefined;
  const before = document.activeElement as HTMLElement | null;
  const inside = () =>
    Array.from(dialog.querySelectorAll<HTMLElement>(focusable)).filter((each) => each.offsetParent !== null);
  if (!dialog.contains(document.activeElement)) dialog.focus();
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      event.stopPropagation();
      leave();
    }
    if (event.key !== 'Tab') return;
    const all = inside();
    const [first, last] = [all[0], all.at(-1)];
    if (!first || !last) return;
    const at = document.activeElement;
    const out = !dialog.contains(at) || at === dialog;
    if (event.shiftKey ? at === first || out : at === last || out) {
      event.preventDefault();
      (event.shiftKey ? last : first).focus();
    }
  };
  document.addEventListener('keydown', press, true);
  return () => {
    document.removeEventListener('keydown', press, true);
    before?.focus?.();
  };
}
