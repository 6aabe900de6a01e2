import { knownGuides, waysToBegin } from '@/core/cultures/guides/registry';
import { firstGlass } from '@/core/starter/first-glass';
import { wayWords } from './first-glass-words';

const monday = new Date(2026, 5, 1, 18).getTime();

const said = (id: string) => {
  const { way, culture } = waysToBegin.find((each) => each.way.id === id)!;
  const guide = knownGuides(culture.id);
  const stages = firstGlass(way, culture, guide, [2, 4], 22, monday);
  return wayWords(stages, { way, keeping: culture.keeping, guide }, monday);
};

test('whoever has whey brews the same day; a ripe tea stands for days first', () => {
  expect(said('whey').map(({ when }) => when)).toEqual([
    'Today',
    'Today',
    'About Thursday 4 June',
    'About Sunday 7 June',
    'About Monday 8 June',
  ]);
  expect(said('tea-mother')[0]).toEqual({
    when: 'Today',
    act: 'Begin the jar from a ripe tea ferment. It takes ten minutes.',
    see: 'Clear tea, the old pellicle where it likes.',
  });
});

test('a bug that lives looks like none of a new one’s days, and is not fed for days first', () => {
  expect(said('lively-bug')[0]!.see).toBe('');
  expect(said('ginger-bug')[0]!.see).toBe('Ginger at the bottom, sweet water.');
  expect(said('ginger-bug')[1]!.when).toBe('Every day till Saturday 6 June');
  expect(said('lively-bug')[1]!.act).toBe('Brew: a sweet base, cooled, and the starter in.');
});

test('no way of beginning says a word twice running', () => {
  for (const { way } of waysToBegin.filter((each) => each.way.makes !== 'part'))
    for (const { when, act, see } of said(way.id))
      expect(`${when}. ${act} ${see}`).not.toMatch(/\b(\w+) \1\b/i);
});
