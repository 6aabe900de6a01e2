import type { BaseKind } from '@/core/matter/base-kinds';
import { t } from '@/core/language/t';

/** Kinds of base as makers say them. */
export const baseWords: Readonly<Record<BaseKind, string>> = {
  'ginger-tea': t`Ginger tea`,
  'raw-ginger': t`Raw ginger`,
  'herb-tea': t`Herb or flower tea`,
  fruit: t`Fruit`,
  juice: t`Juice`,
  peel: t`Peel`,
  'black-tea': t`Tea`,
  'mineral-sugar': t`Sugar water with minerals`,
  syrup: t`Plain sugar water`,
};
