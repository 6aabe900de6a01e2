import type { Topic } from '@/core/forecast/answer/grounds';

/** What a question “Why?” is about: all that its button needs. */
export const topicTitles: Readonly<Record<Topic, string>> = {
  chill: 'When to chill',
  taste: 'When to taste',
  draw: 'When to draw',
  feed: 'When to feed',
  liveliness: 'Liveliness',
  pressure: 'Pressure',
  pour: 'What would be poured',
  sugar: 'Sugar account',
  level: 'Level',
};
