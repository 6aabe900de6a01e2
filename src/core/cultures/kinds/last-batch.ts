import { perMl, type Culture } from '../culture';

/** A cup of the last batch. */
export const lastBatch: Culture = {
  id: 'last-batch',
  name: 'a cup of the last batch',
  unit: 'ml',
  yeast: perMl(0.6),
  lactics: perMl(0.1),
  acetics: perMl(0.002),
  lagWork: 0.8,
  heterolactic: 0.5,
  lacticAcid: perMl(2),
  bare: null,
  crowding: null,
  vigourSpread: 0.28,
  ingredients: [],
  residualSugar: 40,
  dose: { low: 0.05, high: 0.2, usual: 0.1 },
  keeping: null,
  source: 'practice figures',
};

/** What settled at the bottom of a jar or bottle: thick with sleeping yeast. */
export const sediment: Culture = {
  ...lastBatch,
  id: 'sediment',
  name: 'sediment',
  yeast: perMl(4),
  lactics: perMl(0.6),
  lagWork: 1.4,
  vigourSpread: 0.4,
  ingredients: ['sediment'],
  dose: { low: 0.005, high: 0.03, usual: 0.01 },
};
