import type { Guide } from './guide';
import { t } from '../../language/t';

export const cup: Guide = {
  ways: [
    {
      id: 'cup-of-batch',
      group: t`The last batch`,
      name: t`a cup of it`,
      makes: 'part',
      water: 0,
      parts: [],
      place: 'fridge',
      before: t`From a batch that tastes clean and still gasses, before it is bottled or from the last bottle.`,
    },
  ],
};

export const sediment: Guide = {
  ways: [
    {
      id: 'sediment-of-batch',
      group: t`The last batch`,
      name: t`its sediment`,
      makes: 'part',
      water: 0,
      parts: [],
      place: 'fridge',
      before: t`Pour the clear off first; the pale layer at the bottom is sleeping yeast. Leave brown bits behind.`,
    },
  ],
};
