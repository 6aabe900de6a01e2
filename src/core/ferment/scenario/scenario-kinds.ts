import { knownCultures, publishedCultures } from '../../cultures/registry';

/** Every published culture, and none at all. */
export const starterKinds = [...publishedCultures, 'none'] as [string, ...string[]];

export const vesselStates = ['open', 'airlock', 'sealed'] as const;

export type StarterKind = string;

/** Signs a maker sees and feels, from least to most. */
export const signs = {
  squeeze: ['soft', 'gives', 'firm', 'rock'],
  lid: ['flexes', 'tight', 'domed'],
  hiss: ['none', 'faint', 'good', 'violent'],
  foam: ['none', 'some', 'good', 'riding'],
  bubbles: ['none', 'few', 'many'],
} as const;

/** Starters measured by mass; the others go by volume. */
export const gramStarters: readonly StarterKind[] = publishedCultures.filter(
  (id) => knownCultures(id)?.unit === 'g',
);

/** Starters that need no dose: they live on the base itself. */
export const selfStarting: readonly StarterKind[] = publishedCultures.filter(
  (id) => knownCultures(id)?.bare != null,
);
