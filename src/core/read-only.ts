/** Read-only all the way down; a correction's patch is JSON of any depth and stays as it is. */
export type ReadOnly<T> = T extends object
  ? { readonly [K in keyof T]: K extends 'patch' ? T[K] : ReadOnly<T[K]> }
  : T;
