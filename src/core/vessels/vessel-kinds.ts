import { t } from '../language/t';

/** Kinds of vessel a maker has. Working limits vary with maker, age and damage: these are careful practice, never a promise. */
export interface VesselKind {
  readonly id: VesselId;
  readonly name: string;
  readonly use: 'bottle' | 'jar';
  /** Working limit, bar gauge. Zero: never closed tight. */
  readonly limitBar: number;
  readonly note: string;
  readonly source: string;
}

export const bottleIds = [
  'swing-top',
  'plastic-soda',
  'crown-cap',
  'sparkling-wine',
  'decorative',
  'preserving-jar',
] as const;
export const jarIds = ['jar', 'crock', 'demijohn', 'bowl'] as const;
/** What a dry culture is bought in. */
const packetId = 'packet';
export const vesselIds = [...bottleIds, ...jarIds, packetId] as const;
export type VesselId = (typeof vesselIds)[number];
export const isVesselId = (value: unknown): value is VesselId =>
  (vesselIds as readonly unknown[]).includes(value);

const careful = 'household practice with a margin; a mark on the bottle itself goes first';
const loose = 'never closed tight';

/** Every kind of vessel, with its limit in bar gauge. */
const vesselKinds: Readonly<Record<VesselId, VesselKind>> = {
  'swing-top': {
    id: 'swing-top',
    name: t`Swing-top, pressure-rated`,
    use: 'bottle',
    limitBar: 2.8,
    note: t`Round, thick, sold for fizzy drinks.`,
    source: careful,
  },
  'plastic-soda': {
    id: 'plastic-soda',
    name: t`Plastic soda bottle`,
    use: 'bottle',
    limitBar: 4,
    note: t`Squeezable: the pilot bottle.`,
    source: careful,
  },
  'crown-cap': {
    id: 'crown-cap',
    name: t`Crown-cap beer bottle`,
    use: 'bottle',
    limitBar: 3,
    note: t`Glass; check the rim for chips.`,
    source: careful,
  },
  'sparkling-wine': {
    id: 'sparkling-wine',
    name: t`Sparkling-wine bottle`,
    use: 'bottle',
    limitBar: 6,
    note: t`The strongest glass in a kitchen.`,
    source: careful,
  },
  decorative: {
    id: 'decorative',
    name: t`Square or decorative glass`,
    use: 'bottle',
    limitBar: 0.2,
    note: t`Not made for pressure.`,
    source: careful,
  },
  'preserving-jar': {
    id: 'preserving-jar',
    name: t`Preserving jar`,
    use: 'bottle',
    limitBar: 0,
    note: t`Loose lid only, never sealed for fizz.`,
    source: loose,
  },
  jar: {
    id: 'jar',
    name: t`Glass jar`,
    use: 'jar',
    limitBar: 0,
    note: t`Cloth, loose lid or airlock.`,
    source: loose,
  },
  crock: {
    id: 'crock',
    name: t`Crock`,
    use: 'jar',
    limitBar: 0,
    note: t`Lead-free glaze only.`,
    source: loose,
  },
  demijohn: {
    id: 'demijohn',
    name: t`Demijohn`,
    use: 'jar',
    limitBar: 0,
    note: t`With an airlock.`,
    source: loose,
  },
  bowl: {
    id: 'bowl',
    name: t`Bowl`,
    use: 'jar',
    limitBar: 0,
    note: t`Wide: it goes flat and sour sooner.`,
    source: loose,
  },
  packet: {
    id: 'packet',
    name: t`Packet`,
    use: 'jar',
    limitBar: 0,
    note: t`Dry and sealed until it is used.`,
    source: loose,
  },
};

/** The vessel of that id. */
export const vesselKind = (id: VesselId): VesselKind => vesselKinds[id];

/** Whether a kind of bottle may hold fizz at all: a limit of at least 1 bar. @example holdsFizz('jar') // false */
export const holdsFizz = (id: VesselId): boolean => vesselKinds[id].limitBar >= 1;

/**
 * Pressure at which the lid of a jar that is closed tight domes and lets gas by, bar gauge: the careful limit of such a jar.
 * Practice, and unsure.
 */
export const closedJarBar = 0.3;

/** How a vessel is closed. */
export const closures = ['cloth', 'loose-lid', 'airlock', 'sealed'] as const;
export type Closure = (typeof closures)[number];
