import { readMode, type Mode } from './household-mode';

/** Which version the page was built of, and of which source. */
export const buildName = (): string =>
  document.querySelector('meta[name="yuzet-build"]')?.getAttribute('content') ?? 'unbuilt';

const served = () => document.querySelector('meta[name="yuzet-household"]')?.getAttribute('content') ?? null;

/** What this tab remembers; nothing where the browser keeps site data shut. */
function memory(): Pick<Storage, 'getItem' | 'setItem'> {
  try {
    return window.sessionStorage;
  } catch {
    return { getItem: () => null, setItem: () => undefined };
  }
}

/** The long memory of the browser, or null where it keeps site data shut. */
export function longMemory(): Storage | null {
  try {
    return window.localStorage;
  } catch {
    return null;
  }
}

/** This tab's mode, read once at the start. */
export const mode: Mode =
  typeof window === 'undefined'
    ? { demo: false, clockShift: 0 }
    : readMode(window.location?.search ?? '', Date.now(), memory(), served());

/** What a clock that is behind is put right by, ms. */
let behindBy = 0;

/** The app's clock, ms since 1970: the machine's, shifted in the demo. The only place outside core that reads it. */
export const clockNow = (): number => Date.now() + mode.clockShift + behindBy;

/** Goes by a later instant from now on: this device's clock is behind. */
export function goBy(instant: number): void {
  behindBy += Math.max(0, instant - clockNow());
}

/** Minutes east of UTC at an instant, as this device has it. */
export const offsetAt = (instant: number): number => -new Date(instant).getTimezoneOffset();

/** Four characters that tell this tab from others. */
export const writer: string = Math.floor(Math.random() * 36 ** 4)
  .toString(36)
  .padStart(4, '0');
