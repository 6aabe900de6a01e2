import type { Guide } from './guide';

export const guide: Guide = {
  ways: [
    {
      id: 'whey',
      have: 'Whey',
      group: 'Whey',
      name: 'whey at hand',
      makes: 'jar',
      water: 0,
      parts: [{ what: 'whey', grams: 205 }],
      place: 'fridge',
    },
    {
      id: 'strained-whey',
      have: 'Live plain yoghurt',
      group: 'Whey',
      name: 'strained from yoghurt',
      makes: 'jar',
      water: 0,
      parts: [{ what: 'whey', grams: 205 }],
      place: 'fridge',
      before:
        'Live plain yoghurt into a cloth in a sieve over a bowl, 6–12 hours in the fridge. 500 g give about 200 ml of clear, yellow-green whey. Measure what came.',
    },
  ],
};
