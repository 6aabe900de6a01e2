/** The words a scenario is written in, apart from its schema: what computes needs no validator. */
export const baseKinds = [
  'syrup', 'mineral-sugar', 'ginger-tea', 'raw-ginger', 'herb-tea', 'fruit', 'juice', 'peel', 'black-tea',
] as const; // prettier-ignore

export const starterKinds = [
  'ginger-bug', 'water-kefir-grains', 'water-kefir-liquid', 'whey', 'wild', 'bare', 'wine-yeast', 'ale-yeast',
  'bread-yeast', 'tea-mother', 'last-batch', 'none',
] as const; // prettier-ignore

export const vesselStates = ['open', 'airlock', 'sealed'] as const;

export type BaseKind = (typeof baseKinds)[number];
export type StarterKind = (typeof starterKinds)[number];

/** Signs a maker sees and feels, from least to most. */
export const signs = {
  squeeze: ['soft', 'gives', 'firm', 'rock'],
  lid: ['flexes', 'tight', 'domed'],
  hiss: ['none', 'faint', 'good', 'violent'],
  foam: ['none', 'some', 'good', 'riding'],
  bubbles: ['none', 'few', 'many'],
} as const;

/** Starters measured by mass; the others go by volume. */
export const gramStarters: readonly StarterKind[] = [
  'water-kefir-grains',
  'bare',
  'wine-yeast',
  'ale-yeast',
  'bread-yeast',
];
