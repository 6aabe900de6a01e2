const pressable = 'a[href], button, [role="button"], [role="radio"], [role="checkbox"], [role="switch"]';
/** As long as a finger sees it, ms. */
const seenMs = 120;

/**
 * Marks what a finger, a mouse or a pen comes down on, in the very next frame: what the tap does to the page is drawn later.
 * Styled in public/index.html. Returns what ends it.
 */
export function markPresses(root: HTMLElement): () => void {
  let marked: Element | null = null;
  const clear = (element: Element) => {
    delete (element as HTMLElement).dataset['pressed'];
    if (marked === element) marked = null;
  };
  const down = ({ target }: Event) => {
    if (marked) clear(marked);
    marked = target instanceof Element ? target.closest(pressable) : null;
    if (marked && marked.getAttribute('aria-disabled') !== 'true')
      (marked as HTMLElement).dataset['pressed'] = '';
  };
  const up = () => {
    const element = marked;
    if (element) setTimeout(() => clear(element), seenMs);
  };
  const events = [
    ['pointerdown', down],
    ['pointerup', up],
    ['pointercancel', up],
  ] as const;
  for (const [name, on] of events) root.addEventListener(name, on, { capture: true, passive: true });
  return () => {
    for (const [name, on] of events) root.removeEventListener(name, on, { capture: true });
  };
}
