/** A record with a value for each of some keys. @example recordOf(['a', 'b'], (key) => key.length).a // 1 */
export const recordOf = <K extends string, V>(keys: readonly K[], of: (key: K) => V): Record<K, V> =>
  Object.fromEntries(keys.map((key) => [key, of(key)] as const)) as Record<K, V>;
