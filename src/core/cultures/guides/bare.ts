import type { Guide } from './guide';

export const rawGinger: Guide = {
  ways: [
    {
      id: 'raw-ginger',
      group: 'Raw ginger, no starter',
      name: 'grated ginger',
      makes: 'brew',
      water: 0.65,
      parts: [
        { what: 'ginger', share: 0.06 },
        { what: 'white-sugar', share: 0.08 },
      ],
      place: 'counter',
      before:
        'Untreated ginger, unpeeled, grated into sugar water that has cooled below 30 °C: boiled ginger brings no life.',
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: 'Raw ginger into cooled sugar water; cover with cloth.',
        see: 'Ginger at the top, sweet water.',
      },
      { day: 1, act: 'Stir twice a day.', see: 'Nothing moves yet.' },
      {
        day: 2.5,
        act: 'Stir, look and listen.',
        see: 'Small bubbles at the glass, cloudy water.',
        unseen: 'Warmer, 22–27 °C; a few slices of other ginger, unpeeled and untreated.',
        shownBy: { bubbles: ['few', 'many'], foam: ['some'], hiss: ['faint'] },
      },
      {
        day: 4,
        act: 'Taste every day from now on.',
        see: 'Foam when it is stirred; less sweet.',
        unseen: 'Two days more; or pitch it with a starter.',
        shownBy: { foam: ['good', 'riding'], hiss: ['good', 'violent'] },
      },
      { day: 5.5, act: 'Strain and bottle where you like it.', see: 'Between sweet and sour.' },
    ],
    giveUpDay: 9,
    giveUpWhy: 'sweet water without life or acid soon moulds',
  },
};

export const peel: Guide = {
  ways: [
    {
      id: 'peel',
      have: 'Pineapple peel',
      group: 'Peel: tepache',
      name: 'pineapple rind and core',
      makes: 'brew',
      water: 0.6,
      parts: [
        { what: 'pineapple-rind', share: 0.3 },
        { what: 'cane-sugar', share: 0.08 },
      ],
      place: 'counter',
      before:
        'Rinse the fruit, do not scrub it: the peel brings the life. Rind and core in pieces, spice if you like.',
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: 'Peel and sugar into water, all of it under; cover with cloth.',
        see: 'Peel that floats, sweet water.',
      },
      {
        day: 1,
        act: 'Stir two or three times a day, and push the peel under.',
        see: 'A little cloud, a bubble here and there.',
      },
      {
        day: 2,
        act: 'Stir, push under, taste.',
        see: 'Foam at the rim, cloudy.',
        unseen: 'Stand it warmer, 22–27 °C.',
        shownBy: { bubbles: ['few', 'many'], foam: ['some'], hiss: ['faint'] },
      },
      {
        day: 3.4,
        act: 'Strain when it is sweet-sour; bottle, and give the peel its second run.',
        see: 'Good foam, sweet-sour.',
        unseen: 'A day more; a white film means it was stirred too little: skim it.',
        shownBy: { foam: ['good', 'riding'], hiss: ['good', 'violent'], smell: ['sour'] },
      },
      {
        day: 5,
        act: 'Strain it now at the latest.',
        see: 'Sour; soon it is vinegar.',
        shownBy: { smell: ['vinegar'] },
      },
    ],
    giveUpDay: 7,
    giveUpWhy: 'peel that has not foamed by then turns to vinegar or mould',
  },
};
