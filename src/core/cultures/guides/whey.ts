import type { Guide } from './guide';
import { t } from '../../language/t';

export const guide: Guide = {
  ways: [
    {
      id: 'whey',
      have: t`Whey`,
      group: t`Whey`,
      name: t`whey at hand`,
      makes: 'jar',
      water: 0,
      parts: [{ what: 'whey', grams: 205, had: true }],
      place: 'fridge',
    },
    {
      id: 'strained-whey',
      have: t`Live plain yoghurt`,
      group: t`Whey`,
      name: t`strained from yoghurt`,
      makes: 'jar',
      water: 0,
      parts: [{ what: 'whey', grams: 205, had: true }],
      place: 'fridge',
      before: t`Live plain yoghurt into a cloth in a sieve over a bowl, 6–12 hours in the fridge. 500 g give about 200 ml of clear, yellow-green whey. Measure what came.`,
    },
  ],
};
