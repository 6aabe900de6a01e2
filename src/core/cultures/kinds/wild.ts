import { perMl, type Culture } from '../culture';

/** Yeast from skins and petals, in sweetened water. */
export const wild: Culture = {
  id: 'wild',
  name: 'fruit or flower starter',
  unit: 'ml',
  yeast: perMl(0.25),
  lactics: perMl(0.08),
  acetics: perMl(0.004),
  lagWork: 1.0,
  heterolactic: 0.5,
  lacticAcid: perMl(2),
  bare: null,
  crowding: null,
  vigourSpread: 0.36,
  ingredients: [],
  residualSugar: 40,
  dose: { low: 0.06, high: 0.25, usual: 0.12 },
  keeping: {
    begin: { body: 'elderflower', bodyShare: [0.05, 0.6], sugarShare: [0.1, 0.2] },
    feed: { bodyShare: 0, sugarShare: 0.03, everyHours: 24 * 7 },
    renews: false,
    fresh: { yeast: 3e-3, lactics: 1e-3, acetics: 1e-4, lagWork: 1.6 },
    settledYeast: 0.5,
    settledLactics: 0.15,
    settledAcetics: 0.004,
    ripensDays: [2, 3, 7],
    mustStay: 0.3,
    restHours: 24,
    restsWeeks: 4,
    hungryHalfLifeDays: 9,
    closure: 'loose-lid',
    base: 'herb-tea',
    beginning: {
      steps: [
        {
          day: 0,
          act: 'Flowers, herbs or fruit into sweetened water; close loosely.',
          see: 'All of it floats.',
        },
        {
          day: 1,
          act: 'Shake and open for a moment; do so every day.',
          see: 'The plant sinks a little, the water takes its colour.',
        },
        {
          day: 2,
          act: 'Shake, open, listen.',
          see: 'Small bubbles; gas when it is opened.',
          unseen: 'Stand it warmer. Slow fruit and honey take five to seven days.',
          shownBy: { bubbles: ['few', 'many'], hiss: ['faint'] },
        },
        {
          day: 3,
          act: 'Smell and strain it when it is lively.',
          see: 'It hisses and foams: ready to draw.',
          unseen: 'Add some unwashed, unsprayed skins: washed-off plants bring no yeast.',
          shownBy: { hiss: ['good', 'violent'], foam: ['good', 'riding'] },
        },
      ],
      giveUpDay: 9,
      giveUpWhy: 'florist’s or washed-off plants bring no yeast, and sweet plant water soon moulds',
    },
    caution:
      'Only plants identified for certain, unsprayed, none from a florist. Honey is not for children under one year.',
  },
  source: 'practice figures',
};
