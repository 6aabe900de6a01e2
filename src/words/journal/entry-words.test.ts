import type { Entry } from '@/core/journal/entry';
import { actWords, entryWords } from './entry-words';
import { signSaid } from '../names';
import { household, now } from '../household.test-tool';

describe('entries the demo does not have', () => {
  const stamp = { id: 'e'.repeat(17), at: now, offset: 60, version: 2 } as const;
  const words = (entry: object, seenFrom?: string) =>
    entryWords({ ...stamp, ...entry } as Entry, household, seenFrom);

  test.each([
    [{ kind: 'stirred', lots: ['brew'] }, 'Stirred: Plum and bay'],
    [{ kind: 'vented', lots: ['b1'], long: false }, 'Burped: Bottle 1'],
    [{ kind: 'vented', lots: ['b1'], long: true }, 'Vented until still: Bottle 1'],
    [{ kind: 'closed', lots: ['brew'], closure: 'loose-lid' }, 'Closed: loose lid: Plum and bay'],
    [{ kind: 'ended', lots: ['brew'], how: 'given', why: 'to Ida' }, 'Given away: to Ida'],
    [{ kind: 'ended', lots: ['brew'], how: 'eaten', why: '' }, 'Eaten'],
    [{ kind: 'step-taken', lotId: 'brew', step: 'Strain', done: false }, 'Brew day: Strain, skipped'],
    [{ kind: 'step-taken', lotId: 'brew', step: 'Strain', done: true }, 'Brew day: Strain'],
    [{ kind: 'noted', lotId: null, text: 'Cloudy' }, 'Cloudy'],
    [{ kind: 'pictured', lotId: 'brew', sha256: '' }, 'A photo'],
    [{ kind: 'amended', targetId: 'x', patch: {} }, 'A correction'],
    [{ kind: 'undone', targetId: 'x' }, 'Taken back'],
    [{ kind: 'measured', lotId: 'brew', quantity: 'gaugeBar', value: 1.24 }, 'Gauge 1.2 bar'],
    [{ kind: 'measured', lotId: 'brew', quantity: 'sg', value: 1.0304 }, 'Specific gravity 1.030'],
    [{ kind: 'measured', lotId: 'brew', quantity: 'ml', value: 450 }, 'Level 450 ml'],
    [
      { kind: 'tasted', lotId: 'brew', sweet: 4, liking: 5, by: 'Ida' },
      'Tasted: sweet, “Again, please”, by Ida',
    ],
    [
      { kind: 'tasted', lotId: 'brew', sweet: 3, sour: 1, fizz: 4, off: 2 },
      'Tasted: balanced, not sour, fizz: lively, anything off: a trace',
    ],
    [{ kind: 'opened', lotId: 'b1', how: 'gusher' }, 'Opened, gusher'],
    [
      { kind: 'observed', lotId: 'bug', signs: { foam: 'good', smell: 'yeasty' } },
      'Looked: good foam, smell yeasty',
    ],
  ])('%j is “%s”', (entry, sentence) => expect(words(entry)).toBe(sentence));

  const poured = (more: object) => ({
    kind: 'transferred',
    from: 'bug',
    taken: 'liquid',
    targets: [{ lotId: 'brew', ml: 120 }],
    ...more,
  });

  test('a transfer, told from where one stands', () => {
    expect(words(poured({}))).toBe('120 ml (8 tbsp) drawn to Plum and bay');
    expect(words(poured({ celsius: 27.5 }), 'brew')).toBe('120 ml (8 tbsp) drawn from Nib at 27.5 °C');
    expect(
      words(
        poured({ targets: [{ lotId: 'brew', ml: 120, portions: [{ what: 'white-sugar', grams: 4 }] }] }),
        'brew',
      ),
    ).toBe('120 ml (8 tbsp) drawn from Nib, with 4 g (1 tsp) white sugar');
    expect(words(poured({ taken: 'solids', targets: [{ lotId: 'brew', grams: 30 }, {}] }))).toBe(
      '30 g of solids moved to Plum and bay; all the solids thrown out',
    );
    expect(words(poured({ taken: 'sediment' }))).toBe('120 ml (8 tbsp) of sediment to Plum and bay');
    expect(words(poured({ targets: [{ ml: 90 }] }))).toBe('90 ml (6 tbsp) poured away');
    expect(words(poured({ taken: 'everything' }))).toBe('120 ml (8 tbsp) ladled to Plum and bay');
  });

  test('bottles filled: alike they are counted with their kind, unlike only counted; a dose is said', () => {
    const filled = (ml: number, portions?: object[]) => ({
      begin: {
        role: 'bottle',
        name: '1',
        vessel: { kind: 'swing-top', ml },
        closure: 'sealed',
        place: 'counter',
      },
      ml: 480,
      ...(portions ? { portions } : {}),
    });
    const dose = [{ what: 'honey', grams: 5 }];
    expect(words(poured({ targets: [filled(500, dose), filled(500, dose)] }))).toBe(
      'Bottled 2 × 500 ml, swing-top, pressure-rated, each with 5 g (⅔ tsp) honey',
    );
    expect(words(poured({ targets: [filled(500), filled(750)] }))).toBe('Bottled 2 bottles');
  });

  test('a sign says its name unless its word does', () => {
    expect([
      signSaid('foam', 'none'),
      signSaid('foam', 'some'),
      signSaid('lid', 'domed'),
      signSaid('smell', 'odd'),
    ]).toEqual(['foam flat', 'some foam', 'lid domed', 'smell odd']);
  });
});

test('an act of several entries in a line: two in full, then how many more', () => {
  expect(actWords(['Strained'])).toBe('Strained');
  expect(actWords(['Strained', 'Fed'])).toBe('Strained. Fed');
  expect(actWords(['Strained', 'Fed', 'Chilled'])).toBe('Strained. Fed. And one more');
  expect(actWords(['a', 'b', 'c', 'd', 'e'])).toBe('a. b. And 3 more');
});
