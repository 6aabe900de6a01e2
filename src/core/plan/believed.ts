/** A soda that goes straight into the bottle is tasted by nobody on the way: of ten kitchens that end well, seven do elsewhere. */
const straight = 0.7;
/** Beyond this only so much of what is counted more is found: of a jar, and of what is in bottles already. */
const jar = { upTo: 0.6, beyond: 0.2 };
const bottles = { upTo: 0.55, beyond: 0.2 };

/**
 * The chance that is said of a share of kitchens that end well: kitchens that are not the model's own end otherwise, the more often
 * the surer the model is.
 *
 * @param share counted, 0–1
 * @param isStraight bottled as it is pitched
 * @returns 0–0.7
 * @source 600 kitchens of the trial; docs/planning.md
 * @example believed(0.9, false) // 0.66
 */
export const believed = (share: number, isStraight: boolean): number =>
  isStraight ? straight * share : found(share, jar);

/**
 * The same of bottles that are closed: what is left to go wrong is the fizz, and that is what goes wrong most.
 *
 * @param share counted, 0–1
 * @returns 0–0.64
 * @source 110 kitchens of the trial; docs/planning.md
 * @example believedOfBottles(0.55) // 0.55
 */
export const believedOfBottles = (share: number): number => found(share, bottles);

const found = (share: number, { upTo, beyond }: typeof jar): number =>
  Math.min(share, upTo) + beyond * Math.max(0, share - upTo);
