import type { Guide } from './guide';

export const cup: Guide = {
  ways: [
    {
      id: 'cup-of-batch',
      group: 'The last batch',
      name: 'a cup of it',
      makes: 'part',
      water: 0,
      parts: [],
      place: 'fridge',
      before:
        'From a batch that tastes clean and still gasses, before it is bottled or from the last bottle.',
    },
  ],
};

export const sediment: Guide = {
  ways: [
    {
      id: 'sediment-of-batch',
      group: 'The last batch',
      name: 'its sediment',
      makes: 'part',
      water: 0,
      parts: [],
      place: 'fridge',
      before:
        'Pour the clear off first; the pale layer at the bottom is sleeping yeast. Leave brown bits behind.',
    },
  ],
};
