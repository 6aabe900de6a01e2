import type { BaseKind } from '@/core/matter/base-kinds';

/** Kinds of base as makers say them. */
export const baseWords: Readonly<Record<BaseKind, string>> = {
  'ginger-tea': 'Ginger tea',
  'raw-ginger': 'Raw ginger',
  'herb-tea': 'Herb or flower tea',
  fruit: 'Fruit',
  juice: 'Juice',
  peel: 'Peel',
  'black-tea': 'Tea',
  'mineral-sugar': 'Sugar water with minerals',
  syrup: 'Plain sugar water',
};
