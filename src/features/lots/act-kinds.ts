import { t } from '@/core/language/t';

/** The acts any lot offers, in one order everywhere. */
export const actKinds = ['add', 'pour', 'look', 'taste', 'measure', 'move', 'end'] as const;
export type ActKind = (typeof actKinds)[number];

export const actLabels: Readonly<Record<ActKind, string>> = {
  add: t`Add`,
  pour: t`Pour`,
  look: t`Look`,
  taste: t`Taste`,
  measure: t`Measure`,
  move: t`Move`,
  end: t`End`,
};
