import type { Entry } from '../journal/entry';

/** The journal as text, one entry a line, oldest first. `writtenAt` is ISO 8601. */
export function writeBackup(
  entries: readonly Entry[],
  writtenAt: string,
  damaged: readonly string[] = [],
): string {
  const lines = [...entries]
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .map((entry) => `  ${JSON.stringify(entry)}`);
  const broken = damaged.length === 0 ? '' : ` "damaged": ${JSON.stringify(damaged)},\n`;
  return `{\n "schema": "yuzet.journal/2",\n "writtenAt": ${JSON.stringify(writtenAt)},\n${broken} "entries": [\n${lines.join(',\n')}\n ]\n}\n`;
}
