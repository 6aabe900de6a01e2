/** Kinds of bottle a maker has, with conservative working limits: they vary with maker, age and damage. */
export interface VesselKind {
  readonly id: VesselId;
  readonly name: string;
  /** Working limit, bar gauge. Zero: never closed tight. */
  readonly limitBar: number;
  readonly note: string;
}

export type VesselId =
  'plastic-soda' | 'swing-top' | 'crown-cap' | 'sparkling-wine' | 'decorative' | 'preserving-jar';

/**
 * Working limits in bar gauge: household practice with a margin, never a maker's promise.
 * A marked limit on the bottle itself always goes before these.
 */
export const vesselKinds: readonly VesselKind[] = [
  {
    id: 'swing-top',
    name: 'Swing-top, pressure-rated',
    limitBar: 2.8,
    note: 'Round, thick, sold for fizzy drinks.',
  },
  { id: 'plastic-soda', name: 'Plastic soda bottle', limitBar: 4, note: 'Squeezable: the pilot bottle.' },
  { id: 'crown-cap', name: 'Crown-cap beer bottle', limitBar: 3, note: 'Glass; check the rim for chips.' },
  {
    id: 'sparkling-wine',
    name: 'Sparkling-wine bottle',
    limitBar: 6,
    note: 'The strongest glass in a kitchen.',
  },
  { id: 'decorative', name: 'Square or decorative glass', limitBar: 0.2, note: 'Not made for pressure.' },
  {
    id: 'preserving-jar',
    name: 'Preserving jar',
    limitBar: 0,
    note: 'Loose lid only, never sealed for fizz.',
  },
];

/**
 * The vessel of that id.
 * @throws RangeError for an id that is none of ours (a programmer's slip: entries are validated on the way in)
 */
export function vesselKind(id: VesselId): VesselKind {
  const kind = vesselKinds.find((each) => each.id === id);
  if (!kind) throw new RangeError(`no vessel ${id}`);
  return kind;
}

/** Whether a kind of bottle may hold fizz at all: a limit of at least 1 bar. */
export const holdsFizz = (id: VesselId): boolean => vesselKind(id).limitBar >= 1;
