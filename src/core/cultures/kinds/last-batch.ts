import { perMl, type Culture, type JarCare } from '../culture';
import { t } from '../../language/t';

/** What is only kept cold until the next batch: it is not fed, and it is drawn from as it is. */
const keptCold = {
  begin: { body: 'sediment', bodyShare: [0, 0], sugarShare: [0, 0] },
  feed: { bodyShare: 0, sugarShare: 0, everyHours: 24 * 10 },
  renews: false,
  ripe: { by: 'alive', opens: 0.6, closes: 0.5 },
  ripensDays: [0, 0, 0],
  mustStay: 0,
  restHours: 0,
  closure: 'loose-lid',
  base: 'ginger-tea',
} as const satisfies Partial<JarCare>;

/** A cup of the last batch. */
export const lastBatch: Culture = {
  id: 'last-batch',
  name: t`a cup of the last batch`,
  unit: 'ml',
  yeast: perMl(0.6),
  lactics: perMl(0.1),
  acetics: perMl(0.002),
  lagWork: 0.8,
  heterolactic: 0.5,
  lacticAcid: perMl(2),
  liquidPh: 3.5,
  bare: null,
  crowding: null,
  vigourSpread: 0.28,
  ingredients: [],
  residualSugar: 40,
  dose: { low: 0.05, high: 0.2, usual: 0.1 },
  takesSugar: 160,
  keeping: {
    ...keptCold,
    fresh: { yeast: 0.6, lactics: 0.1, acetics: 0.002, lagWork: 0.8 },
    settledYeast: 0.6,
    settledLactics: 0.1,
    settledAcetics: 0.002,
    restsWeeks: 2,
    hungryHalfLifeDays: 5,
    caution: t`Keep it cold with a loose lid, one to two weeks: it goes on gassing. Off smells are not carried on.`,
  },
  source: 'practice figures',
};

/** What settled at the bottom of a jar or bottle: thick with sleeping yeast. */
export const sediment: Culture = {
  ...lastBatch,
  id: 'sediment',
  name: t`sediment`,
  yeast: perMl(4),
  lactics: perMl(0.6),
  lagWork: 1.4,
  vigourSpread: 0.4,
  ingredients: ['sediment'],
  dose: { low: 0.005, high: 0.03, usual: 0.01 },
  takesSugar: 160,
  keeping: {
    ...keptCold,
    fresh: { yeast: 4, lactics: 0.6, acetics: 0.002, lagWork: 1.4 },
    settledYeast: 4,
    settledLactics: 0.6,
    settledAcetics: 0.002,
    restsWeeks: 3,
    hungryHalfLifeDays: 8,
    caution: t`Keep it cold with a loose lid, two to three weeks: sealed it can burst the jar.`,
  },
};
