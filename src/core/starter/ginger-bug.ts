/** A ginger bug's numbers: household practice, one place for the rules the starter files share. */
export const gingerBug = {
  /** Beginning: ginger and sugar as a share of the water. */
  begin: { low: 0.04, high: 0.06 },
  /** A feed: ginger and sugar as a share of what is in the jar. */
  feed: { low: 0.02, high: 0.04, usual: 0.03 },
  /** Hours between feeds at 22 °C, and the hours after a feed at which it peaks. */
  feedEveryHours: 24,
  peakHours: 10,
  /** Days until a new bug is first ready at 22 °C: earliest, usual, latest. */
  ripensDays: { earliest: 3, usual: 4.5, latest: 7 },
  /** Share of the mark that must stay in the jar to regrow. */
  mustStay: 0.4,
  /** Rest between draws, hours. */
  restHours: 24,
  /** Dose as a share of the batch. */
  dose: { low: 0.05, high: 0.12, usual: 0.08 },
  /** A jar is filled to nine tenths at most: it foams. */
  fullestShare: 0.9,
  /** Sugar taken at 22 °C, g/L an hour. */
  appetite: 1.25,
  /** Sugar that a drawn bug still carries when fed a day ago, g/L. */
  residualSugar: 12,
} as const;

/** Room that things take in a jar, ml per gram: sugar dissolved 0.62, ginger 1.0. */
export const millilitresPerGramIn = { sugar: 0.62, ginger: 1 } as const;

/**
 * What a feed adds to the level for good, ml per gram of ginger: it soaks up liquid, its sugar is eaten, and the cloth lets
 * water go. Practice.
 */
export const feedRise = 0.3;
