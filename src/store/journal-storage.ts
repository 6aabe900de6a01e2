import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import type { Entry } from '../core/journal/entry';
import { refusal, type Result } from '../core/result';

/** A record that could not be read back: kept as it is, left out of the projection, named to the maker. */
export interface Damaged {
  readonly key: string;
  readonly sentence: string;
}

/** Where the journal lives: one small record an entry, so that writing one never rewrites the history. */
export interface JournalStorage {
  load(): Promise<{ entries: Entry[]; damaged: Damaged[] }>;
  /** Writes all or rejects. */
  save(entries: readonly Entry[]): Promise<void>;
  wipe(): Promise<void>;
}

export type EntryParser = (raw: unknown) => Result<Entry>;

const prefix = 'entry:';

/** The journal in the browser's IndexedDB, through AsyncStorage. */
export function browserStorage(household: string, loadParser: () => Promise<EntryParser>): JournalStorage {
  const storage = createAsyncStorage(household);
  const keys = async () => (await storage.getAllKeys()).filter((key) => key.startsWith(prefix));
  return {
    async load() {
      const kept = await keys();
      if (kept.length === 0) return { entries: [], damaged: [] };
      // The validator is half of what a first visit would load, and an empty journal has nothing to validate.
      const [records, parseEntry] = await Promise.all([storage.getMany(kept), loadParser()]);
      const entries: Entry[] = [];
      const damaged: Damaged[] = [];
      for (const [key, text] of Object.entries(records)) {
        const parsed = readRecord(text, parseEntry);
        if (parsed.ok) entries.push(parsed.value);
        else damaged.push({ key, sentence: parsed.sentence });
      }
      return { entries, damaged };
    },
    async save(entries) {
      await storage.setMany(
        Object.fromEntries(entries.map((entry) => [prefix + entry.id, JSON.stringify(entry)])),
      );
    },
    async wipe() {
      await storage.removeMany(await keys());
    },
  };
}

function readRecord(text: string | null, parseEntry: EntryParser): Result<Entry> {
  try {
    return parseEntry(JSON.parse(text ?? 'null'));
  } catch {
    return refusal('entry.invalid', 'A record is not readable.');
  }
}
