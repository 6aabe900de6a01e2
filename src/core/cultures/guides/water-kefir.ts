import type { Guide } from './guide';
import { t } from '../../language/t';

export const guide: Guide = {
  ways: [
    {
      id: 'fresh-kefir-grains',
      have: t`Water kefir grains, fresh`,
      group: t`Water kefir grains`,
      name: t`fresh grains`,
      makes: 'jar',
      water: 0.65,
      parts: [
        { what: 'kefir-grains', share: 0.06, had: true },
        { what: 'cane-sugar', share: 0.06 },
      ],
      place: 'counter',
    },
    {
      id: 'dried-kefir-grains',
      have: t`Water kefir grains, dried`,
      group: t`Water kefir grains`,
      name: t`dried grains`,
      makes: 'jar',
      water: 0.5,
      parts: [
        { what: 'dried-kefir-grains', share: 0.016, had: true },
        { what: 'cane-sugar', share: 0.06 },
      ],
      place: 'counter',
      before: t`They sleep: three to five days of fresh sugar water, and what is strained off until then is thrown away.`,
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: t`Grains into cooled sugar water; cover with cloth.`,
        see: t`Grains at the bottom.`,
      },
      {
        day: 1,
        act: t`Stir gently and smell.`,
        see: t`A bubble rises now and then.`,
        unseen: t`Stand it warmer, 20–27 °C; never above 30.`,
        shownBy: { bubbles: ['few'], foam: ['some'] },
      },
      {
        day: 2,
        act: t`Taste; strain when it is as sour as sweet, and put the grains into fresh sugar water.`,
        feeds: true,
        see: t`Plump, translucent grains; less sweet water.`,
        unseen: t`A pinch of bicarbonate or a little molasses: grains want minerals.`,
        shownBy: { grains: ['plump'], bubbles: ['many'] },
      },
      {
        day: 4,
        act: t`Strain and renew again.`,
        feeds: true,
        see: t`Bubbles within a day, a clean sour smell, grains that grow: the steady cycle has begun.`,
        unseen: t`One more water; weigh the grains to see whether they grow.`,
        shownBy: { grains: ['growing'], foam: ['good'] },
      },
    ],
    giveUpDay: 12,
    giveUpWhy: t`grains that have not swelled by the third water are dead`,
  },
  driedBeginning: {
    steps: [
      {
        day: 0,
        act: t`Dried grains into cooled sugar water with a pinch of bicarbonate; cover with cloth.`,
        see: t`Small, hard grains at the bottom.`,
      },
      {
        day: 1,
        act: t`Stir gently.`,
        see: t`Swelling, glassy at the edges; nothing moves yet.`,
        unseen: t`Stand it warmer, 20–27 °C; never above 30.`,
      },
      {
        day: 2,
        act: t`Strain, throw this first water away, and give fresh sugar water.`,
        feeds: true,
        see: t`Twice as big and soft; the water tastes as sweet as before.`,
        unseen: t`One day more in the warm.`,
        shownBy: { bubbles: ['few'], foam: ['some'] },
      },
      {
        day: 4,
        act: t`Strain, throw away once more, and give fresh sugar water.`,
        feeds: true,
        see: t`Plump and translucent, a bubble now and then.`,
        unseen: t`A pinch of bicarbonate or a little molasses: grains want minerals.`,
        shownBy: { grains: ['plump'], bubbles: ['many'] },
      },
      {
        day: 5.5,
        act: t`Weigh them: the steady cycle has begun, and what is strained now is drunk.`,
        feeds: true,
        see: t`Bubbles within a day, less sweet, a clean sour smell.`,
        unseen: t`One more water to throw away.`,
        shownBy: { grains: ['growing'], foam: ['good', 'riding'] },
      },
    ],
    giveUpDay: 14,
    giveUpWhy: t`dried grains that have not swelled by the fourth water are dead`,
  },
};
