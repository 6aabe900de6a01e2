/** The acts any lot offers, in one order everywhere. */
export const actKinds = ['add', 'pour', 'look', 'taste', 'measure', 'move', 'end'] as const;
export type ActKind = (typeof actKinds)[number];

export const actLabels: Readonly<Record<ActKind, string>> = {
  add: 'Add',
  pour: 'Pour',
  look: 'Look',
  taste: 'Taste',
  measure: 'Measure',
  move: 'Move',
  end: 'End',
};
