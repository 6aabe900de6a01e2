/** Things by key in shards: adding one copies one shard, whatever the size of the rest. */
export interface Table<T> {
  readonly shards: readonly Readonly<Record<string, T>>[];
  readonly size: number;
}

const bits = 8;

function shardOf(key: string): number {
  let hash = 7;
  for (let i = 0; i < key.length; i++) hash = (hash * 31 + key.charCodeAt(i)) | 0;
  return (hash ^ (hash >>> 11)) & ((1 << bits) - 1);
}

export const emptyTable = <T>(): Table<T> => ({ shards: Array.from({ length: 1 << bits }, () => ({})), size: 0 });

export const valueIn = <T>(table: Table<T>, key: string): T | undefined => table.shards[shardOf(key)]![key];

export const everyValue = <T>(table: Table<T>): T[] => table.shards.flatMap((shard) => Object.values(shard));

/** The table with some values replaced, or taken out where the new value is null. */
export function withValues<T>(table: Table<T>, changes: Iterable<readonly [string, T | null]>): Table<T> {
  const shards = [...table.shards];
  const fresh = new Set<number>();
  let { size } = table;
  for (const [key, value] of changes) {
    const index = shardOf(key);
    if (!fresh.has(index)) {
      fresh.add(index);
      shards[index] = { ...shards[index]! };
    }
    const shard = shards[index] as Record<string, T>;
    size += Number(value !== null) - Number(key in shard);
    if (value === null) delete shard[key];
    else shard[key] = value;
  }
  return { shards, size };
}
