import type { Guide } from './guide';

const packet = (what: string, name: string, grams: number, have?: string): Guide => ({
  ways: [
    {
      id: what,
      ...(have ? { have } : {}),
      group: 'Packaged yeast',
      name,
      makes: 'packet',
      water: 0,
      parts: [{ what, grams }],
      place: 'cupboard',
      before: 'Keep it sealed, dry and cool. Its date tells how much of it is still alive.',
    },
  ],
});

export const wineYeast = packet('wine-yeast', 'wine yeast', 5, 'A packet of yeast');
export const aleYeast = packet('ale-yeast', 'ale yeast', 11);
export const breadYeast = packet('bread-yeast', 'bread yeast', 7);
