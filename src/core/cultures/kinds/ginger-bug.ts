import { perMl, type Culture } from '../culture';

/** Yeast and lactic bacteria from the skin of raw ginger. */
export const gingerBug: Culture = {
  id: 'ginger-bug',
  name: 'ginger bug',
  unit: 'ml',
  yeast: perMl(0.8),
  lactics: perMl(0.12),
  acetics: 0,
  lagWork: 1.45,
  heterolactic: 0.5,
  lacticAcid: perMl(4),
  bare: null,
  crowding: null,
  vigourSpread: 0.3,
  ingredients: [],
  residualSugar: 12,
  dose: { low: 0.05, high: 0.12, usual: 0.08 },
  keeping: {
    begin: { body: 'ginger', bodyShare: [0.04, 0.06], sugarShare: [0.04, 0.06] },
    feed: { bodyShare: 0.03, sugarShare: 0.03, everyHours: 24 },
    renews: false,
    fresh: { yeast: 6e-4, lactics: 3e-4, acetics: 0, lagWork: 2.4 },
    settledYeast: 3.6,
    settledLactics: 0.3,
    settledAcetics: 0,
    ripensDays: [3, 4.5, 7],
    mustStay: 0.4,
    restHours: 24,
    restsWeeks: 4,
    hungryHalfLifeDays: 9,
    closure: 'cloth',
    base: 'raw-ginger',
    caution:
      'Unpeeled, untreated ginger: the life sits in the skin. Cloth or a loose lid, never sealed tight.',
  },
  source: 'practice figures that reproduced the times makers report',
};
