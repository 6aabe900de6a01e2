import type { ComponentType, ReactNode } from 'react';
import { later } from './later';

/** A chunk's features, each with its components by name. */
type Chunk = Readonly<Record<string, object>>;
type ChunkName = 'forms' | 'charts';

let loads: Readonly<Record<ChunkName, () => Promise<object>>> | null = null;

/** Says where the chunks come from: called by the app before anything is shown, so that no feature imports another's parts. */
export function provideChunks(given: Readonly<Record<ChunkName, () => Promise<object>>>): void {
  loads = given;
}

/**
 * Components of a feature that lie in a chunk which several features share. `Parts` is the type of the feature's own file for that
 * chunk, so that a name which is not there does not compile.
 *
 * @throws Error when a part is shown before `provideChunks`, or does not lie in the chunk
 */
export const chunkPart =
  <Parts extends object>(chunk: ChunkName, feature: string) =>
  <N extends keyof Parts & string>(name: N, meanwhile?: ReactNode): Extract<Parts[N], ComponentType<never>> =>
    later(async () => {
      if (!loads) throw new Error('a part of a chunk was shown before the chunks were provided');
      const parts = ((await loads[chunk]()) as Chunk)[feature] as Parts | undefined;
      if (!parts?.[name]) throw new Error(`${name} of ${feature} is not in the chunk of ${chunk}`);
      return parts[name] as ComponentType<object>;
    }, meanwhile) as Extract<Parts[N], ComponentType<never>>;
