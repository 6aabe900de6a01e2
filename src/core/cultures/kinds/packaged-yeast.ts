import type { Culture } from '../culture';
import { t } from '../../language/t';

const packet = {
  unit: 'g',
  acetics: 0,
  heterolactic: 0.5,
  lacticAcid: 0,
  bare: null,
  crowding: null,
  vigourSpread: 0.3,
  halfLifeDays: 600,
  residualSugar: 0,
  dose: { low: 0.3, high: 1, usual: 0.5 },
  takesSugar: 240,
  keeping: null,
  packet: { mostCelsius: 35, waterMlPerGram: 10, foamsInMinutes: 30, keepsYears: 2 },
  source:
    'practice figures: 65–85 % of a fresh dry packet lives; wine yeast stands 14–18 % of alcohol, ale yeast 9–12, bread yeast 8–10',
} as const;

/** Dry yeasts from a packet, dosed by the gram. */
export const wineYeast: Culture = {
  ...packet,
  id: 'wine-yeast',
  name: t`wine yeast`,
  yeast: 0.7,
  lactics: 0,
  lagWork: 0.3,
  standsAbv: 16,
  ingredients: ['wine-yeast'],
};
export const aleYeast: Culture = {
  ...packet,
  id: 'ale-yeast',
  name: t`ale yeast`,
  yeast: 0.65,
  lactics: 0,
  lagWork: 0.9,
  takesSugar: 200,
  standsAbv: 10,
  ingredients: ['ale-yeast'],
};
export const breadYeast: Culture = {
  ...packet,
  id: 'bread-yeast',
  name: t`bread yeast`,
  yeast: 0.85,
  lactics: 0.001,
  lagWork: 0.5,
  takesSugar: 180,
  standsAbv: 9,
  ingredients: ['bread-yeast'],
};
