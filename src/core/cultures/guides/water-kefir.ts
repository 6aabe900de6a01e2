import type { Guide } from './guide';

export const guide: Guide = {
  ways: [
    {
      id: 'fresh-kefir-grains',
      have: 'Water kefir grains, fresh',
      group: 'Water kefir grains',
      name: 'fresh grains',
      makes: 'jar',
      water: 0.65,
      parts: [
        { what: 'kefir-grains', share: 0.06 },
        { what: 'cane-sugar', share: 0.06 },
      ],
      place: 'counter',
    },
    {
      id: 'dried-kefir-grains',
      have: 'Water kefir grains, dried',
      group: 'Water kefir grains',
      name: 'dried grains',
      makes: 'jar',
      water: 0.5,
      parts: [
        { what: 'dried-kefir-grains', share: 0.016 },
        { what: 'cane-sugar', share: 0.06 },
      ],
      place: 'counter',
      before:
        'They sleep: three to five days of fresh sugar water, and what is strained off until then is thrown away.',
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: 'Grains into cooled sugar water; cover with cloth.',
        see: 'Grains at the bottom.',
      },
      {
        day: 1,
        act: 'Stir gently and smell.',
        see: 'A bubble rises now and then.',
        unseen: 'Stand it warmer, 20–27 °C; never above 30.',
        shownBy: { bubbles: ['few'], foam: ['some'] },
      },
      {
        day: 2,
        act: 'Taste; strain when it is as sour as sweet, and put the grains into fresh sugar water.',
        feeds: true,
        see: 'Plump, translucent grains; less sweet water.',
        unseen: 'A pinch of bicarbonate or a little molasses: grains want minerals.',
        shownBy: { grains: ['plump'], bubbles: ['many'] },
      },
      {
        day: 4,
        act: 'Strain and renew again.',
        feeds: true,
        see: 'Bubbles within a day, a clean sour smell, grains that grow: the steady cycle has begun.',
        unseen: 'One more water; weigh the grains to see whether they grow.',
        shownBy: { grains: ['growing'], foam: ['good'] },
      },
    ],
    giveUpDay: 12,
    giveUpWhy: 'grains that have not swelled by the third water are dead',
  },
  driedBeginning: {
    steps: [
      {
        day: 0,
        act: 'Dried grains into cooled sugar water with a pinch of bicarbonate; cover with cloth.',
        see: 'Small, hard grains at the bottom.',
      },
      {
        day: 1,
        act: 'Stir gently.',
        see: 'Swelling, glassy at the edges; nothing moves yet.',
        unseen: 'Stand it warmer, 20–27 °C; never above 30.',
      },
      {
        day: 2,
        act: 'Strain, throw this first water away, and give fresh sugar water.',
        feeds: true,
        see: 'Twice as big and soft; the water tastes as sweet as before.',
        unseen: 'One day more in the warm.',
        shownBy: { bubbles: ['few'], foam: ['some'] },
      },
      {
        day: 4,
        act: 'Strain, throw away once more, and give fresh sugar water.',
        feeds: true,
        see: 'Plump and translucent, a bubble now and then.',
        unseen: 'A pinch of bicarbonate or a little molasses: grains want minerals.',
        shownBy: { grains: ['plump'], bubbles: ['many'] },
      },
      {
        day: 5.5,
        act: 'Weigh them: the steady cycle has begun, and what is strained now is drunk.',
        feeds: true,
        see: 'Bubbles within a day, less sweet, a clean sour smell.',
        unseen: 'One more water to throw away.',
        shownBy: { grains: ['growing'], foam: ['good', 'riding'] },
      },
    ],
    giveUpDay: 14,
    giveUpWhy: 'dried grains that have not swelled by the fourth water are dead',
  },
};
