import type { Result } from '@/core/result';
import type { JournalKeeper } from '@/store/journal-keeper';

/** Reads a chosen file and takes its entries in, whole or not at all. @returns how many were new, and how many it held */
export async function takeJournalFile(
  keeper: JournalKeeper,
  file: Blob,
): Promise<Result<{ fresh: number; held: number }>> {
  const { readBackup } = await import('../forms/drawer');
  const read = readBackup(file.size > 25_000_000 ? ' '.repeat(20_000_001) : await file.text());
  if (!read.ok) return read;
  const fresh = await keeper.takeIn(read.value);
  return { ok: true, value: { fresh, held: read.value.length } };
}
