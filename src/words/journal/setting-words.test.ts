import { household } from '../household.test-tool';
import { settingWords } from './setting-words';
import type { Setting } from '@/core/settings/settings';

const from = new Date(2026, 4, 5, 12).getTime();
const to = new Date(2026, 4, 17, 12).getTime();
const stock = { kind: 'swing-top', ml: 500, count: 6, since: null, knocks: 0, markedBar: null } as const;

test.each<readonly [Setting, string]>([
  [
    { thing: 'alcohol-ceiling', key: 'alcohol-ceiling', value: { percent: 0.5 } },
    'No drink above 0.5 % alcohol',
  ],
  [{ thing: 'alcohol-ceiling', key: 'alcohol-ceiling', value: { percent: 0 } }, 'No limit for alcohol'],
  [{ thing: 'away', key: 'away', value: { from, to } }, 'Away from 5 May to 17 May'],
  [{ thing: 'away', key: 'away', value: null }, 'At home after all'],
  [
    { thing: 'build-up', key: 'brew', value: { amount: 320, at: to } },
    'Plum and bay built up: 320 wanted on 17 May',
  ],
  [{ thing: 'caution', key: 'caution', value: { caution: 'usual' } }, 'Glass handled with usual care'],
  [{ thing: 'caution', key: 'caution', value: { caution: 'careful' } }, 'Glass handled with more care'],
  [
    { thing: 'ingredient', key: 'medlar', value: { id: 'own:plum:105::150:Medlar' } },
    'Ingredient described: Medlar',
  ],
  [{ thing: 'ingredient', key: 'medlar', value: null }, 'Ingredient taken out: Medlar'],
  [{ thing: 'person', key: 'ida', value: { name: 'Ida', stopsAt: null } }, 'Ida'],
  [{ thing: 'person', key: 'ida', value: { name: 'Ida', stopsAt: 45 } }, 'Ida stops at 45 g/L'],
  [{ thing: 'price', key: 'honey', value: { each: 12.5 } }, 'Honey costs 12.50 a litre'],
  [{ thing: 'price', key: 'white-sugar', value: { each: 1.3 } }, 'White sugar costs 1.30 a kilogram'],
  [{ thing: 'price', key: 'shop-soda', value: { each: 2 } }, 'Soda from a shop costs 2.00 a litre'],
  [{ thing: 'pantry', key: 'honey', value: {} }, 'Honey is in the house'],
  [{ thing: 'pantry', key: 'honey', value: null }, 'Honey is used up'],
  [{ thing: 'price', key: 'honey', value: null }, 'Honey has no price'],
  [{ thing: 'school', key: 'brew', value: { feeds: 'water' } }, 'How it is kept was changed'],
  [
    { thing: 'spell', key: 'a', value: { place: 'counter', from, to, celsius: 31 } },
    'Counter 31 °C from 5 May to 17 May',
  ],
  [{ thing: 'stock', key: 'a', value: stock }, 'Swing-top, pressure-rated, 500 ml: 6 in all'],
  [{ thing: 'stock', key: 'a', value: null }, 'A make of bottles was taken out'],
  [
    {
      thing: 'timer',
      key: 'a',
      value: { lotId: 'brew', step: 'simmer', label: 'Simmer', from, until: from + 900_000 },
    },
    'Timer: Simmer, 15 min',
  ],
  [{ thing: 'timer', key: 'a', value: null }, 'Timer stopped'],
  [
    { thing: 'busy', key: 'calendar', value: { spans: [{ from, until: from + 900_000 }] } },
    '1 busy time read from a calendar',
  ],
  [{ thing: 'busy', key: 'calendar', value: null }, 'No calendar is minded'],
  [
    { thing: 'wish', key: 'w', value: { recipe: '', ml: 3000, by: from, taken: null } },
    '3 L wished for 5 May',
  ],
  [
    {
      thing: 'wish',
      key: 'w',
      value: {
        recipe: '',
        ml: 2000,
        by: from,
        taken: null,
        standing: { kind: 'stock', weeklyMl: 500, since: from },
      },
    },
    '2 L wished for, always cold',
  ],
  [
    {
      thing: 'wish',
      key: 'w',
      value: {
        recipe: '',
        ml: 1000,
        by: from,
        taken: null,
        standing: { kind: 'every', days: 2, since: from },
      },
    },
    '1 L wished for every 2 days',
  ],
  [{ thing: 'fridge-room', key: 'fridge', value: { bottles: 9 } }, '9 bottles fit in the fridge'],
  [{ thing: 'fridge-room', key: 'fridge', value: null }, 'Room enough in the fridge'],
  [
    { thing: 'working', key: 'working', value: { weekdays: [1, 2], from: 510, to: 1020 } },
    'At work on 2 days a week, 8:30 to 17:00',
  ],
  [{ thing: 'working', key: 'working', value: { weekdays: [], from: 510, to: 1020 } }, 'Nobody is at work'],
  [{ thing: 'wish', key: 'w', value: null }, 'A wish was given up'],
  [{ thing: 'waking', key: 'waking', value: { from: 390, to: 1330 } }, 'Up from 6:30 to 22:10'],
])('%j is “%s”', (setting, sentence) => expect(settingWords(setting, household)).toBe(sentence));
