import type { Topic } from '@/core/forecast/answer/grounds';
import { t } from '@/core/language/t';

/** What a question “Why?” is about: all that its button needs. */
export const topicTitles: Readonly<Record<Topic, string>> = {
  chill: t`When to chill`,
  taste: t`When to taste`,
  draw: t`When to draw`,
  feed: t`When to feed`,
  liveliness: t`Liveliness`,
  pressure: t`Pressure`,
  pour: t`What would be poured`,
  sugar: t`Sugar account`,
  level: t`Level`,
};
