import { demoHousehold } from '@/demo/household';
import type { Entry } from '@/core/journal/entry';
import { everyLot, lotOf } from '@/core/journal/household';
import { journalOf } from '@/core/journal/journal';
import { amountOf, echo, number, portionsWords, kitchenVolume, volume } from './amounts';
import { entryWords } from './journal/entry-words';
import { changeWords, inputWords, relations } from './journal/grounds-words';
import { clock, closesWords, duration, inWords, moment, quarter } from './moment';
import { lotName, nameOfLot, signWords } from './names';
import { lotSigns, signKinds } from '@/core/lots/signs';
import { plural } from '@/core/language/t';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const entries = demoHousehold(now, 60);
const { household } = journalOf(entries, now);
const words = (kind: Entry['kind'], n = 0) =>
  entryWords(entries.filter((entry) => entry.kind === kind)[n]!, household);

describe('amounts', () => {
  test('numbers are grouped and no finer than they are known', () => {
    expect([number(1234.56), number(0.333), number(22.5), number(1000)]).toEqual([
      '1,234.6',
      '0.33',
      '22.5',
      '1,000',
    ]);
    expect([
      amountOf({ what: 'water', ml: 1234 }),
      amountOf({ what: 'honey', grams: 21.3 }),
      amountOf({ what: 'plum', grams: 12_000 }),
    ]).toEqual(['1,234 ml', '21.3 g', '12 kg']);
  });

  test('what was understood is said in grams and in spoons', () => {
    expect(echo({ what: 'white-sugar', grams: 25.5 })).toBe('= 25.5 g, about 2 tbsp');
    expect(echo({ what: 'water', ml: 1500 })).toBe('= 1,500 ml, about 6¼ cups');
    expect([
      kitchenVolume(237),
      kitchenVolume(0.4),
      kitchenVolume(0),
      kitchenVolume(3001),
      volume(240),
    ]).toEqual(['1 cup', 'a pinch', null, null, '240 ml (1 cup)']);
    expect(echo({ what: 'plum', grams: 414 })).toBe('= 414 g, about 2½ cups');
    expect(echo({ what: 'ginger', grams: 0 })).toBe('= 0 g');
    expect(
      portionsWords([
        { what: 'ginger', grams: 12 },
        { what: 'white-sugar', grams: 12 },
        { what: 'water', ml: 60 },
      ]),
    ).toBe('12 g (2 tbsp) fresh ginger, 12 g (1 tbsp) white sugar and 60 ml (4 tbsp) water');
    expect([portionsWords([]), portionsWords([{ what: 'water', ml: 5 }])]).toEqual([
      '',
      '5 ml (1 tsp) water',
    ]);
  });
});

describe('moments', () => {
  test('as people say them, with the year when it is another', () => {
    const at = (days: number, hour = 9) => new Date(2026, 4, 4 + days, hour, 5).getTime();
    expect([
      moment(at(0), now),
      moment(at(1), now),
      moment(at(-1), now),
      moment(at(3), now),
      moment(at(20), now),
      moment(at(-400), now),
    ]).toEqual(['9:05', 'tomorrow 9:05', 'yesterday 9:05', 'Thu 9:05', '24 May 9:05', '30 Mar 2025 9:05']);
    expect([
      duration(0.3),
      duration(7.4),
      duration(80),
      plural(1, 'bottle'),
      plural(2001, 'entry', 'entries'),
      inWords(3),
      inWords(12),
    ]).toEqual(['18 min', '7 h', '3 days', '1 bottle', '2,001 entries', 'Three', '12']);
    expect(quarter(now + 8 * 60_000)).toBe(new Date(2026, 4, 4, 18, 30).getTime());
    expect(clock(now)).toBe('18:20');
  });

  test('the hour that comes twice says which of the two it is; its neighbours do not', () => {
    // On 25 October 2026 clocks in Lisbon go from 2:00 summer time back to 1:00.
    const at = (hour: number, minute: number) => Date.UTC(2026, 9, 25, hour, minute);
    expect([at(-1, 59), at(0, 0), at(0, 30), at(1, 0), at(1, 59), at(2, 0)].map(clock)).toEqual([
      '0:59',
      '1:00 (summer time)',
      '1:30 (summer time)',
      '1:00 (winter time)',
      '1:59 (winter time)',
      '2:00',
    ]);
    expect(moment(at(0, 30), at(12, 0))).toBe('1:30 (summer time)');
  });

  test('a window closes at the last moment somebody is up, as it is when that is past, and now once it has closed itself', () => {
    const at = (day: number, hour: number, minute = 0) => new Date(2026, 4, 4 + day, hour, minute).getTime();
    const waking = { from: 7 * 60, to: 22 * 60 + 30 };
    const evening = at(0, 18, 20);
    expect([
      closesWords(at(0, 20, 10), evening, waking),
      closesWords(at(1, 2, 45), evening, waking),
      closesWords(at(2, 3), evening, waking),
      closesWords(at(2, 8, 5), evening, waking),
      closesWords(at(1, 2, 45), at(0, 23, 30), waking),
      closesWords(at(0, 9), evening, waking),
    ]).toEqual(['by 20:15', 'before bed', 'before bed tomorrow', 'by Wed 8:00', 'by tomorrow 2:45', 'now']);
  });

  test('days are counted by the calendar, over the night of 23 and of 25 hours too', () => {
    const noon = (month: number, day: number) => new Date(2026, month, day, 12).getTime();
    expect([
      moment(noon(9, 26), noon(9, 25)),
      moment(noon(9, 24), noon(9, 25)),
      moment(noon(2, 30), noon(2, 29)),
      moment(noon(2, 28), noon(2, 29)),
    ]).toEqual(['tomorrow 12:00', 'yesterday 12:00', 'tomorrow 12:00', 'yesterday 12:00']);
  });
});

describe('entries in words', () => {
  test('each kind says what was done, with its amounts', () => {
    expect(words('temperature-set')).toBe('Counter 20.5 °C');
    expect(words('lot-begun')).toBe(
      'Begun with 620 ml (2½ cups) water, 31 g (5 tbsp) fresh ginger and 30 g (2¼ tbsp) white sugar',
    );
    expect(words('portions-added')).toBe('Added 18 g (2¾ tbsp) fresh ginger and 18 g (1½ tbsp) white sugar');
    expect(words('transferred')).toBe('165 ml (11 tbsp) drawn to Quince and thyme');
    expect(words('transferred', 1)).toBe('Bottled 4 × 500 ml, crown-cap beer bottle');
    expect(words('tasted')).toBe('Tasted: sweet, fresh');
    expect(words('measured')).toBe('Specific gravity 1.031');
    expect(words('opened')).toBe('Opened, lively');
    expect(words('moved')).toMatch(/^To the fridge: Quince and thyme, bottle 1, /);
    expect(words('observed')).toBe('Looked: good hiss');
  });

  test('a transfer is told from where one stands', () => {
    const bottling = entries.filter((entry) => entry.kind === 'transferred')[1]!;
    expect(entryWords(bottling, household, `${bottling.id}-2`)).toBe(
      '475 ml (2 cups) drawn from Quince and thyme',
    );
  });

  test('names: a bottle carries its brew’s; what is gone is said to be', () => {
    const bottle = everyLot(household).find(({ role }) => role === 'bottle')!;
    expect(lotName(bottle, household)).toMatch(/, bottle \d$/);
    expect([nameOfLot(null, household), nameOfLot('0'.repeat(17), household)]).toEqual([
      'away',
      'something no longer here',
    ]);
    expect(lotOf(household, bottle.id)).toBe(bottle);
  });

  test('every sign and every word of it has a label', () => {
    for (const kind of signKinds)
      for (const value of lotSigns[kind]) expect(signWords[kind].words[value]).toMatch(/\S/);
  });
});

describe('why', () => {
  test('every topic has its relation and source, and what would change it most', () => {
    for (const { relation, source } of Object.values(relations))
      expect([relation.length > 40, source.length > 10]).toEqual([true, true]);
    expect(changeWords({ topic: 'chill', inputs: [], warmer: 0.76, colder: 1.35, readings: 0 })).toBe(
      'Temperature: three degrees warmer brings it about 24 % sooner, three colder about 35 % later. Nothing was looked at yet: one squeeze, taste or gravity would narrow it most.',
    );
    expect(
      inputWords(
        { code: 'reading', entryId: 'x', at: 0, values: { kind: 'squeeze', value: 'firm' } },
        household,
      ),
    ).toBe('Squeeze firm');
    expect(
      inputWords({ code: 'reading', entryId: 'x', at: 0, values: { kind: 'sg', value: 1.03 } }, household),
    ).toBe('Specific gravity 1.030');
    expect(
      inputWords({ code: 'vessel', entryId: null, at: 0, values: { kind: 'swing-top', ml: 500 } }, household),
    ).toBe('Swing-top, pressure-rated, 500 ml');
  });
});
