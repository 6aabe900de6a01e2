/**
 * Things by key in buckets: adding one copies the list of buckets and one bucket, whatever the size of the rest, so that an
 * entry costs the same in a journal of a week and of ten years.
 */
export interface PersistentMap<T> {
  readonly buckets: readonly (Bucket<T> | undefined)[];
  readonly size: number;
}

interface Bucket<T> {
  readonly keys: readonly string[];
  readonly values: readonly T[];
}

const bucketCount = 4096;

function bucketOf(key: string): number {
  let hash = 7;
  for (let i = 0; i < key.length; i++) hash = (hash * 31 + key.charCodeAt(i)) | 0;
  return (hash ^ (hash >>> 11) ^ (hash >>> 21)) & (bucketCount - 1);
}

export const emptyMap = <T>(): PersistentMap<T> => ({
  buckets: new Array<undefined>(bucketCount).fill(undefined),
  size: 0,
});

export function valueIn<T>(table: PersistentMap<T>, key: string): T | undefined {
  const bucket = table.buckets[bucketOf(key)];
  const at = bucket ? bucket.keys.indexOf(key) : -1;
  return at < 0 ? undefined : bucket!.values[at];
}

export const allValues = <T>(table: PersistentMap<T>): T[] =>
  table.buckets.flatMap((bucket) => (bucket ? (bucket.values as T[]) : []));

/** The table with some values replaced, or taken out where the new value is null. */
export function withValues<T>(
  table: PersistentMap<T>,
  changes: Iterable<readonly [string, T | null]>,
): PersistentMap<T> {
  const buckets = table.buckets.slice();
  const fresh = new Map<number, { keys: string[]; values: T[] }>();
  let { size } = table;
  for (const [key, value] of changes) {
    const index = bucketOf(key);
    let bucket = fresh.get(index);
    if (!bucket) {
      const before = buckets[index];
      bucket = before
        ? { keys: before.keys.slice(), values: before.values.slice() }
        : { keys: [], values: [] };
      fresh.set(index, bucket);
      buckets[index] = bucket;
    }
    const at = bucket.keys.indexOf(key);
    if (value === null) {
      if (at < 0) continue;
      bucket.keys.splice(at, 1);
      bucket.values.splice(at, 1);
      size -= 1;
    } else if (at < 0) {
      bucket.keys.push(key);
      bucket.values.push(value);
      size += 1;
    } else bucket.values[at] = value;
  }
  return { buckets, size };
}

/** A table of many things at once; each key once. */
export function mapOf<T>(pairs: Iterable<readonly [string, T]>): PersistentMap<T> {
  const buckets = new Array<{ keys: string[]; values: T[] } | undefined>(bucketCount).fill(undefined);
  let size = 0;
  for (const [key, value] of pairs) {
    const bucket = (buckets[bucketOf(key)] ??= { keys: [], values: [] });
    bucket.keys.push(key);
    bucket.values.push(value);
    size += 1;
  }
  return { buckets, size };
}
