import { gramsIn, minus, nothing, plus, substances, times, volumeOf, type Amounts } from './substances';

/** Everything in a vessel: the liquid, and solids by the ingredient they came from (fruit, ginger, grains, sediment). */
export interface Contents {
  readonly liquid: Amounts;
  readonly solids: Readonly<Record<string, Amounts>>;
}

export const emptyContents: Contents = { liquid: nothing, solids: {} };

/** Both together: nothing is lost, whatever the order. */
export function together(a: Contents, b: Contents): Contents {
  const solids: Record<string, Amounts> = { ...a.solids };
  for (const [id, grams] of Object.entries(b.solids)) {
    const there = solids[id];
    solids[id] = there ? plus(there, grams) : grams;
  }
  return { liquid: plus(a.liquid, b.liquid), solids };
}

/** What is left when a part that came from it is taken away. */
export function without(a: Contents, part: Contents): Contents {
  const solids: Record<string, Amounts> = {};
  for (const [id, grams] of Object.entries(a.solids)) {
    const taken = part.solids[id];
    const left = taken ? minus(grams, taken) : grams;
    if (gramsIn(left) > 1e-9) solids[id] = left;
  }
  return { liquid: minus(a.liquid, part.liquid), solids };
}

/** Liquid, ml. */
export const liquidMl = (contents: Contents): number => volumeOf(contents.liquid);

/** Solids, ml they displace. */
export const solidsMl = (contents: Contents): number =>
  Object.values(contents.solids).reduce((sum, amounts) => sum + volumeOf(amounts), 0);

/** How high a jar stands, ml: liquid and what lies in it. */
export const levelMl = (contents: Contents): number => liquidMl(contents) + solidsMl(contents);

/** Grams of one kind of solid, of all when none is named. */
export const solidGrams = (contents: Contents, id?: string): number =>
  Object.entries(contents.solids).reduce(
    (sum, [key, amounts]) => sum + (id === undefined || id === key ? gramsIn(amounts) : 0),
    0,
  );

/** All grams, liquid and solids. */
export const totalGrams = (contents: Contents): number => gramsIn(contents.liquid) + solidGrams(contents);

/** Grams of each substance, liquid and solids together: what conservation is checked on. */
export const inventory = (contents: Contents): Amounts =>
  Object.values(contents.solids).reduce((sum, amounts) => plus(sum, amounts), contents.liquid);

/**
 * A share of the liquid, without solids.
 * @param ml wanted, 0 or more; never more than there is
 */
export function pourOff(contents: Contents, ml: number): Contents {
  const there = liquidMl(contents);
  const share = there <= 0 ? 0 : Math.min(1, Math.max(0, ml) / there);
  return { liquid: times(contents.liquid, share), solids: {} };
}

/**
 * A ladle of everything: liquid and solids in the proportion they stand.
 * @param ml wanted level
 */
export function ladle(contents: Contents, ml: number): Contents {
  const there = levelMl(contents);
  const share = there <= 0 ? 0 : Math.min(1, Math.max(0, ml) / there);
  return scaled(contents, share);
}

/**
 * Solids lifted out, with the liquid that clings to them.
 * @param grams wanted of that kind (of all kinds when `id` is undefined); never more than there is
 * @param clingsMlPerGram liquid that goes with a gram, ml
 */
export function liftOut(contents: Contents, grams: number, clingsMlPerGram: number, id?: string): Contents {
  const there = solidGrams(contents, id);
  const share = there <= 0 ? 0 : Math.min(1, Math.max(0, grams) / there);
  const solids: Record<string, Amounts> = {};
  for (const [key, amounts] of Object.entries(contents.solids)) {
    if ((id === undefined || id === key) && share > 0) solids[key] = times(amounts, share);
  }
  const lifted = there * share;
  return { liquid: pourOff(contents, lifted * clingsMlPerGram).liquid, solids };
}

export function scaled(contents: Contents, share: number): Contents {
  const solids: Record<string, Amounts> = {};
  for (const [key, amounts] of Object.entries(contents.solids)) solids[key] = times(amounts, share);
  return { liquid: times(contents.liquid, share), solids };
}

/** Grams of a substance per litre of liquid; 0 in an empty vessel. */
export const gramsPerLitre = (contents: Contents, of: (liquid: Amounts) => number): number => {
  const ml = liquidMl(contents);
  return ml > 0 ? (of(contents.liquid) / ml) * 1000 : 0;
};

/** Whether every amount is a number and none is negative. */
export const isSound = (contents: Contents): boolean =>
  [contents.liquid, ...Object.values(contents.solids)].every((amounts) =>
    substances.every((key) => Number.isFinite(amounts[key]) && amounts[key] >= 0),
  );
