import type { Guide } from './guide';
import { t } from '../../language/t';

export const rawGinger: Guide = {
  ways: [
    {
      id: 'raw-ginger',
      group: t`Raw ginger, no starter`,
      name: t`grated ginger`,
      makes: 'brew',
      water: 0.65,
      parts: [
        { what: 'ginger', share: 0.06 },
        { what: 'white-sugar', share: 0.08 },
      ],
      place: 'counter',
      before: t`Untreated ginger, unpeeled, grated into sugar water that has cooled below 30 °C: boiled ginger brings no life.`,
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: t`Raw ginger into cooled sugar water; cover with cloth.`,
        see: t`Ginger at the top, sweet water.`,
      },
      { day: 1, act: t`Stir twice a day.`, see: t`Nothing moves yet.` },
      {
        day: 2.5,
        act: t`Stir, look and listen.`,
        see: t`Small bubbles at the glass, cloudy water.`,
        unseen: t`Warmer, 22–27 °C; a few slices of other ginger, unpeeled and untreated.`,
        shownBy: { bubbles: ['few', 'many'], foam: ['some'], hiss: ['faint'] },
      },
      {
        day: 4,
        act: t`Taste every day from now on.`,
        see: t`Foam when it is stirred; less sweet.`,
        unseen: t`Two days more; or pitch it with a starter.`,
        shownBy: { foam: ['good', 'riding'], hiss: ['good', 'violent'] },
      },
      { day: 5.5, act: t`Strain and bottle where you like it.`, see: t`Between sweet and sour.` },
    ],
    giveUpDay: 9,
    giveUpWhy: t`sweet water without life or acid soon moulds`,
  },
};

export const peel: Guide = {
  ways: [
    {
      id: 'peel',
      have: t`Pineapple peel`,
      group: t`Tepache, from peel`,
      name: t`pineapple rind and core`,
      makes: 'brew',
      water: 0.6,
      parts: [
        { what: 'pineapple-rind', share: 0.3, had: true },
        { what: 'cane-sugar', share: 0.08 },
      ],
      place: 'counter',
      before: t`Rinse the fruit, do not scrub it: the peel brings the life. Rind and core in pieces, spice if you like.`,
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: t`Peel and sugar into water, all of it under; cover with cloth.`,
        see: t`Peel that floats, sweet water.`,
      },
      {
        day: 1,
        act: t`Stir two or three times a day, and push the peel under.`,
        see: t`A little cloud, a bubble here and there.`,
      },
      {
        day: 2,
        act: t`Stir, push under, taste.`,
        see: t`Foam at the rim, cloudy.`,
        unseen: t`Stand it warmer, 22–27 °C.`,
        shownBy: { bubbles: ['few', 'many'], foam: ['some'], hiss: ['faint'] },
      },
      {
        day: 3.4,
        act: t`Strain when it is sweet-sour; bottle, and give the peel its second run.`,
        see: t`Good foam, sweet-sour.`,
        unseen: t`A day more; a white film means it was stirred too little: skim it.`,
        shownBy: { foam: ['good', 'riding'], hiss: ['good', 'violent'], smell: ['sour'] },
      },
      {
        day: 5,
        act: t`Strain it now at the latest.`,
        see: t`Sour; soon it is vinegar.`,
        shownBy: { smell: ['vinegar'] },
      },
    ],
    giveUpDay: 7,
    giveUpWhy: t`peel that has not foamed by then turns to vinegar or mould`,
  },
};
