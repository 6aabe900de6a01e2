import type { Guide } from './guide';
import { t } from '../../language/t';

export const guide: Guide = {
  ways: [
    {
      id: 'ginger-bug',
      have: t`Nothing yet`,
      group: t`Ginger bug`,
      name: t`ginger and sugar`,
      makes: 'jar',
      water: 0.6,
      parts: [
        { what: 'ginger', share: 0.05 },
        { what: 'white-sugar', share: 0.05 },
      ],
      place: 'counter',
    },
    {
      id: 'lively-bug',
      have: t`A ginger bug that lives`,
      group: t`Ginger bug`,
      name: t`a bug that lives`,
      makes: 'jar',
      water: 0,
      parts: [{ what: 'lively-bug', grams: 404, had: true }],
      place: 'counter',
      before: t`Your own, or some from a friend: it foams when you stir it. Write how much there is, with its ginger; add water and sugar if you fill it up.`,
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: t`Mix water, ginger and sugar; cover with cloth.`,
        see: t`Ginger at the bottom, sweet water.`,
      },
      { day: 1, act: t`Stir and feed.`, feeds: true, see: t`Nothing moves yet; it smells of ginger.` },
      {
        day: 2,
        act: t`Stir twice and feed.`,
        feeds: true,
        see: t`A few bubbles at the glass, cloudy water.`,
        unseen: t`Stand it warmer, 22–27 °C, and make sure the water had no chlorine.`,
        shownBy: { bubbles: ['few', 'many'], foam: ['some'], hiss: ['faint'] },
      },
      {
        day: 3,
        act: t`Stir and feed.`,
        feeds: true,
        see: t`Foam when it is stirred, a faint hiss.`,
        unseen: t`Add a few slices of other ginger, unpeeled and untreated: the first may have brought no life.`,
        shownBy: { foam: ['good'], hiss: ['good'] },
      },
      {
        day: 4.5,
        act: t`Feed, and taste a drop.`,
        feeds: true,
        see: t`The ginger rides up, it foams well and tastes sour beneath the sweet: ready to draw.`,
        unseen: t`Go on for two days more.`,
        shownBy: { foam: ['riding'], hiss: ['violent'] },
      },
    ],
    giveUpDay: 10,
    giveUpWhy: t`what has not begun by then is more likely to mould than to live`,
  },
};
