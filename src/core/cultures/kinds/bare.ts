import type { Culture } from '../culture';
import { t } from '../../language/t';

/** No starter at all: raw ginger or peel bring what lives on them. */
export const bare: Culture = {
  id: 'bare',
  name: t`raw ginger or peel alone`,
  unit: 'g',
  yeast: 0,
  lactics: 0,
  acetics: 0,
  lagWork: 3.0,
  heterolactic: 0.6,
  lacticAcid: 0,
  bare: { yeast: 3e-4, lactics: 3e-4 },
  crowding: null,
  vigourSpread: 0.36,
  ingredients: [],
  residualSugar: 0,
  dose: { low: 0, high: 0, usual: 0 },
  takesSugar: 160,
  keeping: null,
  source: 'practice figures',
};

/** Rind and core with sugar: more lives on them than on ginger. A second run on the same peel is quicker. */
export const peel: Culture = {
  ...bare,
  id: 'peel',
  alsoCalled: ['tepache', t`pineapple beer`, t`peel soda`],
  name: t`peel alone`,
  lagWork: 2.0,
  bare: { yeast: 4e-3, lactics: 2e-3 },
};
