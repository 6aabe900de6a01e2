import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { parseEntry, type Entry } from '../core/journal/entry';

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

const prefix = 'entry:';

/** The journal in the browser's IndexedDB, through AsyncStorage. */
export function browserStorage(household: string): JournalStorage {
  const storage = createAsyncStorage(household);
  const keys = async () => (await storage.getAllKeys()).filter((key) => key.startsWith(prefix));
  return {
    async load() {
      const records = await storage.getMany(await keys());
      const entries: Entry[] = [];
      const damaged: Damaged[] = [];
      for (const [key, text] of Object.entries(records)) {
        const parsed = readRecord(text);
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

function readRecord(text: string | null) {
  try {
    return parseEntry(JSON.parse(text ?? 'null'));
  } catch {
    return { ok: false as const, code: 'entry.invalid', sentence: 'A record is not readable.' };
  }
}
