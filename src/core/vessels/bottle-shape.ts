import type { VesselId } from './vessel-kinds';

/** The inside of a bottle from its rim down: a neck that widens, then a shoulder, then a body. Centimetres. */
interface Shape {
  readonly mouthRadius: number;
  readonly neckRadius: number;
  readonly neckLength: number;
  readonly shoulderLength: number;
  readonly bodyRadius: number;
}

/** Half a litre of each kind, measured on usual ones: a finger's breadth either way. Practice. */
const halfLitre: Readonly<Partial<Record<VesselId, Shape>>> = {
  'swing-top': { mouthRadius: 0.9, neckRadius: 1.7, neckLength: 8, shoulderLength: 4, bodyRadius: 3.3 },
  'crown-cap': { mouthRadius: 0.85, neckRadius: 1.5, neckLength: 8, shoulderLength: 4, bodyRadius: 3.2 },
  'sparkling-wine': {
    mouthRadius: 0.9,
    neckRadius: 1.5,
    neckLength: 9,
    shoulderLength: 6,
    bodyRadius: 3.6,
  },
  'plastic-soda': { mouthRadius: 1.1, neckRadius: 1.3, neckLength: 2.5, shoulderLength: 6, bodyRadius: 3.1 },
  decorative: { mouthRadius: 1, neckRadius: 1.6, neckLength: 5, shoulderLength: 3, bodyRadius: 3.4 },
};
const straight: Shape = {
  mouthRadius: 4,
  neckRadius: 4,
  neckLength: 1,
  shoulderLength: 1,
  bodyRadius: 4,
};

/** Larger bottles are larger all over but for the mouth, which takes the same closure. */
function shapeOf(kind: VesselId, ml: number): Shape {
  const shape = halfLitre[kind] ?? straight;
  const by = Math.cbrt(ml / 500);
  return {
    mouthRadius: halfLitre[kind] ? shape.mouthRadius : shape.mouthRadius * by,
    neckRadius: shape.neckRadius * by,
    neckLength: shape.neckLength * by,
    shoulderLength: shape.shoulderLength * by,
    bodyRadius: shape.bodyRadius * by,
  };
}

/** Volume of a cone with its top cut off, cm³: `top` and `bottom` radii, `deep` of it filled from the top, of `length`. */
function frustum(top: number, bottom: number, length: number, deep: number): number {
  const at = top + ((bottom - top) * deep) / length;
  return (Math.PI * deep * (top * top + top * at + at * at)) / 3;
}

/**
 * What a headspace of so many centimetres under the rim leaves empty.
 *
 * @param ml what the bottle holds, 50–5000
 * @param cm under the rim, 0 or more
 * @returns ml, never more than the bottle holds; within a fifth for usual bottles
 * @source solids of revolution over the measured half litre of its kind
 * @example Math.round(headspaceMl('swing-top', 500, 5)) // 21
 */
export function headspaceMl(kind: VesselId, ml: number, cm: number): number {
  const { mouthRadius, neckRadius, neckLength, shoulderLength, bodyRadius } = shapeOf(kind, ml);
  const neck = Math.min(cm, neckLength);
  const shoulder = Math.min(Math.max(0, cm - neckLength), shoulderLength);
  const body = Math.max(0, cm - neckLength - shoulderLength);
  return Math.min(
    ml,
    frustum(mouthRadius, neckRadius, neckLength, neck) +
      frustum(neckRadius, bodyRadius, shoulderLength, shoulder) +
      Math.PI * bodyRadius ** 2 * body,
  );
}

/** Fuller than any school fills: less than so much under the rim, cm, and it runs over more readily. Practice. */
export const leastHeadspaceCm = 2;

/**
 * How far under the rim the liquid stands when so much is left empty: the other way round of {@link headspaceMl}.
 *
 * @returns cm, to 0.01
 * @example Math.round(headspaceCm('swing-top', 500, 21)) // 5
 */
export function headspaceCm(kind: VesselId, ml: number, emptyMl: number): number {
  let [low, high] = [0, 60];
  while (high - low > 0.005) {
    const middle = (low + high) / 2;
    if (headspaceMl(kind, ml, middle) < Math.min(emptyMl, ml * 0.999)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
