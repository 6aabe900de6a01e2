import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import connections from 'async-storage-connections';

/** Where AsyncStorage keeps its values on the web. */
const table = 'entries';

/** One AsyncStorage database, with what its own interface lacks: strict durability, everything at once, and a new connection. */
export interface Connection {
  readonly storage: ReturnType<typeof createAsyncStorage>;
  /**
   * Writes and removes in one transaction; resolves when it is on disk.
   *
   * @param whenEmpty what to write instead when the database holds nothing
   */
  write(
    values: ReadonlyMap<string, string | null>,
    whenEmpty?: () => ReadonlyMap<string, string | null>,
  ): Promise<void>;
  readAll(): Promise<Map<string, string>>;
  read(keys: readonly string[]): Promise<(string | undefined)[]>;
}

/** How long a browser may take to open a database before it counts as stuck, ms. */
const openingMs = 8000;

export class StuckError extends Error {}

const inTime = <T>(work: Promise<T>): Promise<T> =>
  Promise.race([
    work,
    new Promise<never>((_, fail) =>
      setTimeout(() => fail(new StuckError('the database does not open')), openingMs),
    ),
  ]);

/** Opens a database, and again when its connection was lost: a full disk or cleared site data close it for good. */
export function connectionTo(name: string): Connection {
  const storage = createAsyncStorage(name);
  const once = async <T>(
    work: (db: Awaited<ReturnType<typeof connections.getOrCreate>>) => Promise<T>,
  ): Promise<T> => work(await inTime(connections.getOrCreate(name)));
  const twice: typeof once = async (work) => {
    try {
      return await once(work);
    } catch (fault) {
      if (fault instanceof StuckError) throw fault;
      connections.registry.delete(name);
      return once(work);
    }
  };
  return {
    storage,
    write: (values, whenEmpty) =>
      twice(async (db) => {
        const transaction = db.transaction(table, 'readwrite', { durability: 'strict' });
        const empty = whenEmpty && (await transaction.store.count()) === 0;
        for (const [key, value] of empty ? whenEmpty() : values) {
          void (value === null ? transaction.store.delete(key) : transaction.store.put(value, key)).catch(
            () => undefined,
          );
        }
        await transaction.done;
      }),
    readAll: () =>
      twice(async (db) => {
        const transaction = db.transaction(table, 'readonly');
        const [keys, values] = await Promise.all([
          transaction.store.getAllKeys(),
          transaction.store.getAll(),
        ]);
        return new Map(keys.map((key, i) => [String(key), String(values[i])]));
      }),
    read: (keys) =>
      twice((db) => Promise.all(keys.map((key) => db.get(table, key) as Promise<string | undefined>))),
  };
}
