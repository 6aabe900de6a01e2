import type { Guide } from './guide';
import { t } from '../../language/t';

const packet = (what: string, name: string, grams: number, have?: string): Guide => ({
  ways: [
    {
      id: what,
      ...(have ? { have } : {}),
      group: t`Packaged yeast`,
      name,
      makes: 'packet',
      water: 0,
      parts: [{ what, grams, had: true }],
      place: 'cupboard',
      before: t`Keep it sealed, dry and cool. Its date tells how much of it is still alive.`,
    },
  ],
});

export const wineYeast = packet('wine-yeast', t`wine yeast`, 5, t`A packet of yeast`);
export const aleYeast = packet('ale-yeast', t`ale yeast`, 11);
export const breadYeast = packet('bread-yeast', t`bread yeast`, 7);
