import { perMl, type Culture } from '../culture';

/** Reusable gel grains of yeast and bacteria, in sugar water. */
export const waterKefirGrains: Culture = {
  id: 'water-kefir-grains', name: 'water kefir grains', unit: 'g',
  yeast: 0.0088, lactics: 0.0024, acetics: 1e-4, lagWork: 0.4, heterolactic: 0.5, lacticAcid: 0, bare: null,
  crowding: { reference: 50, power: 0.55 }, vigourSpread: 0.28, ingredients: ['kefir-grains', 'dried-kefir-grains'],
  residualSugar: 0, dose: { low: 40, high: 90, usual: 60 }, liquidKind: 'water-kefir-liquid',
  keeping: {
    begin: { body: 'kefir-grains', bodyShare: [0.04, 0.09], sugarShare: [0.05, 0.08] },
    feed: { bodyShare: 0, sugarShare: 0.06, everyHours: 36 },
    renews: true,
    fresh: { yeast: 0.44, lactics: 0.12, acetics: 0.005, lagWork: 0.8 },
    settledYeast: 1.2, settledLactics: 0.36, settledAcetics: 0.005,
    ripensDays: [1, 1.6, 3], mustStay: 0, restHours: 0, restsWeeks: 3, closure: 'cloth', base: 'mineral-sugar',
    caution: 'Below 30 °C, with some minerals: above 35 °C the grains die. Keep them from long contact with reactive metal.',
  },
  source: 'practice figures; grains share sugar badly when crowded',
}; // prettier-ignore

/** The strained liquid of a cycle, as a dose. */
export const waterKefirLiquid: Culture = {
  id: 'water-kefir-liquid', name: 'water kefir', unit: 'ml',
  yeast: perMl(0.5), lactics: perMl(0.25), acetics: perMl(0.01), lagWork: 0.2, heterolactic: 0.5, lacticAcid: perMl(3), bare: null,
  crowding: null, vigourSpread: 0.28, ingredients: [], residualSugar: 25, dose: { low: 0.05, high: 0.5, usual: 0.1 },
  keeping: null, source: 'practice figures',
}; // prettier-ignore
