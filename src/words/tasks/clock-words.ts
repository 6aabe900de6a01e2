import type { LikeThen } from '@/core/tasks/kitchen-clock';
import type { Task } from '@/core/tasks/task';
import { shareWords } from '../chance';
import { fizzWords } from '../fizz';
import { t } from '@/core/language/t';

/**
 * What a lot is like then, in a clause: middles of the forecast.
 *
 * @param jar what a kept jar is like then; null for a drink
 * @param unpitched whether it still waits for its starter: nothing is forecast until then
 */
export function likeWords(
  { sweetness, volumes, limitShare }: LikeThen,
  jar: string | null,
  unpitched: boolean,
): string {
  const parts = [
    ...(limitShare === null ? [] : [t`${shareWords(limitShare)} of what it bears`]),
    ...(volumes === null ? [] : [fizzWords(volumes)]),
    ...(sweetness === null ? [] : [t`${sweetness.toFixed(0)} g/L sweet`]),
    ...(jar === null ? [] : [jar]),
  ];
  if (parts.length > 0) return parts.join(', ');
  return unpitched ? t`not pitched yet` : t`beyond its forecast`;
}

const verbs: Readonly<Record<Task['verb'], string>> = {
  chill: t`chill`,
  feed: t`feed`,
  rest: t`rest`,
  wake: t`wake`,
  pitch: t`pitch`,
  bottle: t`taste or bottle`,
  open: t`open`,
  tend: t`tend`,
  discard: t`discard`,
};
export const verbWords = (verb: Task['verb']): string => verbs[verb];
