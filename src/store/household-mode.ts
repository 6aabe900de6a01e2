/** Which household this tab shows, and the clock it goes by. Both can be set in the address: ?demo=1, ?now=2026-05-01T18:20. */
export interface Mode {
  readonly demo: boolean;
  /** Milliseconds to add to the machine's clock; other than 0 only in the demo. */
  readonly clockShift: number;
}

const remembered = 'yuzet.mode';

/**
 * Reads the mode from the address, else what this tab remembers, else what the server was started for (a meta element).
 *
 * @param search the address's query
 * @param machineNow ms since 1970
 */
export function readMode(
  search: string,
  machineNow: number,
  memory: Pick<Storage, 'getItem' | 'setItem'>,
  served: string | null,
): Mode {
  const asked = new URLSearchParams(search);
  const kept = parse(memory.getItem(remembered));
  const wanted = asked.get('demo');
  const demo = wanted === null ? (kept?.demo ?? served === 'demo') : wanted !== '0';
  const instant = demo ? Date.parse(asked.get('now') ?? '') : NaN;
  const clockShift = Number.isFinite(instant) ? instant - machineNow : demo ? (kept?.clockShift ?? 0) : 0;
  const mode = { demo, clockShift };
  memory.setItem(remembered, JSON.stringify(mode));
  return mode;
}

function parse(text: string | null): Mode | null {
  try {
    return text ? (JSON.parse(text) as Mode) : null;
  } catch {
    return null;
  }
}
