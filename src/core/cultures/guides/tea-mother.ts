import type { Guide } from './guide';
import { t } from '../../language/t';

export const guide: Guide = {
  ways: [
    {
      id: 'tea-mother',
      have: t`A ripe tea ferment`,
      group: t`Tea mother`,
      name: t`a ripe tea ferment`,
      makes: 'jar',
      water: 0.65,
      parts: [
        { what: 'black-tea', share: 0.007 },
        { what: 'white-sugar', share: 0.065 },
        { what: 'ripe-tea', share: 0.14, had: true },
      ],
      place: 'counter',
      before: t`Steep the tea, dissolve the sugar, let it cool below 30 °C. Then add a seventh of ripe, sour ferment with its skin.`,
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: t`Ripe tea ferment into cooled sweet tea; cover with close cloth.`,
        see: t`Clear tea, the old pellicle where it likes.`,
      },
      {
        day: 2,
        act: t`Leave it still, out of the sun.`,
        see: t`A yeasty smell, threads at the bottom.`,
        shownBy: { smell: ['yeasty'] },
      },
      {
        day: 5,
        act: t`Look from the side, and taste a drop.`,
        see: t`A thin, pale skin from edge to edge; sour beneath the sweet.`,
        unseen: t`Warmer, 24–28 °C, and more of a ripe ferment: a tenth to a seventh of the jar.`,
        shownBy: { film: ['pellicle'], smell: ['sour'] },
      },
      {
        day: 8,
        act: t`Draw, and feed it sweet tea.`,
        feeds: true,
        see: t`Sour, with a skin of its own: ready.`,
        shownBy: { smell: ['vinegar'] },
      },
    ],
    giveUpDay: 16,
    giveUpWhy: t`tea that has not turned sour by then has no acid to keep mould away`,
  },
};
