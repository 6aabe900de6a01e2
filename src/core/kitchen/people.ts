/** Somebody of the household, and how sweet they like a ferment to be stopped, g/L of sugar tasted; null while unsaid. */
export interface Person {
  readonly key: string;
  readonly name: string;
  readonly stopsAt: number | null;
}

interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

/** The people of the household, by name. */
export const peopleOf = ({ kept }: Keeps): Person[] =>
  Object.entries(kept.person ?? {})
    .flatMap(([key, { name, stopsAt }]): Person[] =>
      typeof name === 'string' && name !== ''
        ? [{ key, name, stopsAt: typeof stopsAt === 'number' && stopsAt > 0 ? stopsAt : null }]
        : [],
    )
    .sort((a, b) => a.name.localeCompare(b.name));
