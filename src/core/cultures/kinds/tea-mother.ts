import { perMl, type Culture } from '../culture';

/** Yeast and acetic bacteria under a floating pellicle, in sweet tea. */
export const teaMother: Culture = {
  id: 'tea-mother',
  name: 'tea mother',
  unit: 'ml',
  yeast: perMl(0.35),
  lactics: perMl(0.05),
  acetics: perMl(0.4),
  lagWork: 0.8,
  heterolactic: 0.5,
  lacticAcid: perMl(2),
  bare: null,
  crowding: null,
  vigourSpread: 0.28,
  ingredients: ['pellicle'],
  residualSugar: 30,
  dose: { low: 0.1, high: 0.15, usual: 0.12 },
  keeping: {
    begin: { body: 'black-tea', bodyShare: [0.004, 0.01], sugarShare: [0.05, 0.08] },
    feed: { bodyShare: 0.006, sugarShare: 0.06, everyHours: 24 * 8 },
    renews: true,
    fresh: { yeast: 0.04, lactics: 0.006, acetics: 0.05, lagWork: 0.8 },
    settledYeast: 0.35,
    settledLactics: 0.05,
    settledAcetics: 0.4,
    ripensDays: [5, 7, 10],
    mustStay: 0.12,
    restHours: 24 * 5,
    restsWeeks: 8,
    hungryHalfLifeDays: 40,
    closure: 'cloth',
    base: 'black-tea',
    caution:
      'Cloth, not a lid: it needs air. Feed it tea, not juice alone. No lead glaze, no reactive metal.',
  },
  source: 'practice figures',
};
