import type { Guide } from './guide';
import { t } from '../../language/t';

export const guide: Guide = {
  ways: [
    {
      id: 'wild-flowers',
      have: t`Flowers or herbs`,
      group: t`Fruit or flower starter`,
      name: t`flowers or herbs`,
      makes: 'jar',
      water: 0.55,
      parts: [
        { what: 'elderflower', share: 0.12, had: true },
        { what: 'white-sugar', share: 0.15 },
      ],
      place: 'counter',
      before: t`Shake insects off, do not wash: the life sits on petals and skins. Half to two thirds of the jar, loosely filled.`,
    },
    {
      id: 'wild-fruit',
      have: t`Unwashed fruit`,
      group: t`Fruit or flower starter`,
      name: t`fruit`,
      makes: 'jar',
      water: 0.5,
      parts: [
        { what: 'raisin', share: 0.15, had: true },
        { what: 'white-sugar', share: 0.1 },
      ],
      place: 'counter',
      before: t`Unwashed, unsprayed fruit with its skin; dried fruit without oil or sulphur. Slow fruit takes five to seven days.`,
    },
  ],
  beginning: {
    steps: [
      {
        day: 0,
        act: t`Flowers, herbs or fruit into sweetened water; close loosely.`,
        see: t`All of it floats.`,
      },
      {
        day: 1,
        act: t`Shake and open for a moment; do so every day.`,
        see: t`The plant sinks a little, the water takes its colour.`,
      },
      {
        day: 2,
        act: t`Shake, open, listen.`,
        see: t`Small bubbles; gas when it is opened.`,
        unseen: t`Stand it warmer. Slow fruit and honey take five to seven days.`,
        shownBy: { bubbles: ['few', 'many'], hiss: ['faint'] },
      },
      {
        day: 3,
        act: t`Smell and strain it when it is lively.`,
        see: t`It hisses and foams: ready to draw.`,
        unseen: t`Add some unwashed, unsprayed skins: washed-off plants bring no yeast.`,
        shownBy: { hiss: ['good', 'violent'], foam: ['good', 'riding'] },
      },
    ],
    giveUpDay: 9,
    giveUpWhy: t`florist’s or washed-off plants bring no yeast, and sweet plant water soon moulds`,
  },
};
