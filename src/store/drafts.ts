import { checksum } from './disk/record';
import { longMemory, mode } from './environment';
import { dayMs } from '@/core/duration';

/** Older drafts are not brought back, ms. */
const keptMs = 7 * dayMs;

const keyOf = (name: string): string => `yuzet.draft.${mode.demo ? 'yuzet-demo' : 'yuzet'}.${name}`;

/**
 * What somebody was in the middle of, kept until it is done or a week old: a reload loses none of it.
 *
 * @param name which draft, with the version of its shape: "worktop/1:new"
 * @param now ms since 1970
 */
export function keepDraft(name: string, draft: object, now: number): void {
  const text = JSON.stringify({ at: now, draft });
  try {
    longMemory()?.setItem(keyOf(name), `${checksum(text)}:${text}`);
  } catch {
    // No room: what is typed stays on the page.
  }
}

/** The draft of that name as it was kept; null when there is none, when it is old, or damaged. `T` is the shape its name stands for. */
export function keptDraft<T extends object>(name: string, now: number): T | null {
  const record = longMemory()?.getItem(keyOf(name)) ?? '';
  const text = record.slice(9);
  if (record === '' || record.slice(0, 9) !== `${checksum(text)}:`) return null;
  const { at, draft } = JSON.parse(text) as { at: number; draft: T };
  return now - at < keptMs ? draft : null;
}

/** It is done, or not wanted any more. */
export function dropDraft(name: string): void {
  longMemory()?.removeItem(keyOf(name));
}
