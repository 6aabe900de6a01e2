/** A value of which only some parts are given, at any depth; lists whole. */
export type PartOf<T> = T extends readonly (infer Item)[]
  ? readonly PartOf<Item>[]
  : T extends (...args: never[]) => unknown
    ? T
    : T extends object
      ? { readonly [K in keyof T]?: PartOf<T[K]> | undefined }
      : T;

/** A value of which a test needs only some parts: the compiler checks those that are given, the others are not there. */
export const partOf = <T>(given: PartOf<T>): T => given as T;

/** Something that is no `T`, handed in as one: a marker that only comes and goes, or input that must be refused. */
export const standIn = <T>(given: unknown): T => given as T;
