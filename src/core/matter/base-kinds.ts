/** Kinds of base: they set a ferment's nutrients and minerals. */
export const baseKinds = [
  'syrup',
  'mineral-sugar',
  'ginger-tea',
  'raw-ginger',
  'herb-tea',
  'fruit',
  'juice',
  'peel',
  'black-tea',
] as const;

export type BaseKind = (typeof baseKinds)[number];
