/** A household that may hold settings of one thing: values of one type, by key. */
export interface Holds<T extends string, V> {
  readonly settings: { readonly [K in T]?: Readonly<Record<string, V>> };
}

/** Every setting of a thing with its key, in no order. */
export const entriesOf = <T extends string, V>(household: Holds<T, V>, thing: T): [key: string, value: V][] =>
  Object.entries<V>(household.settings[thing] ?? {});

/** What was set under a key; null where nothing was. */
export const settingOf = <T extends string, V>(household: Holds<T, V>, thing: T, key: string): V | null =>
  household.settings[thing]?.[key] ?? null;
