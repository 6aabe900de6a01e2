import { perMl, type Culture } from '../culture';

/** Strained from live plain yoghurt: lactic bacteria, little yeast. */
export const whey: Culture = {
  id: 'whey', name: 'whey', unit: 'ml',
  yeast: perMl(0.04), lactics: perMl(0.35), acetics: 0, lagWork: 1.5, heterolactic: 0.35, lacticAcid: perMl(6), bare: null,
  crowding: null, vigourSpread: 0.36, ingredients: ['whey', 'live-yoghurt'], residualSugar: 0, dose: { low: 0.015, high: 0.035, usual: 0.025 },
  keeping: {
    begin: { body: 'live-yoghurt', bodyShare: [0, 0], sugarShare: [0, 0] },
    feed: { bodyShare: 0, sugarShare: 0, everyHours: 24 * 10 },
    renews: false,
    fresh: { yeast: 0.04, lactics: 0.35, acetics: 0, lagWork: 1.5 },
    settledYeast: 0.04, settledLactics: 0.35, settledAcetics: 0,
    ripensDays: [0, 0, 0], mustStay: 0, restHours: 0, restsWeeks: 2, closure: 'loose-lid', base: 'mineral-sugar',
    caution: 'It comes from milk: not for those with a milk allergy. Keep it cold, one to two weeks.',
  },
  source: 'practice figures',
}; // prettier-ignore
