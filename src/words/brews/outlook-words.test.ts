import { lifeWords, outlookWords } from './outlook-words';

const now = new Date(2026, 4, 4, 18, 20).getTime();
const hours = (count: number) => ({ usual: now + count * 3_600_000 });

test.each([
  [{ missing: null, season: null, glass: hours(6 * 24) }, 'Glass about Sunday evening'],
  [{ missing: [], season: 'now' as const, glass: null }, 'In season · all in the house'],
  [
    { missing: ['plum', 'bay'], season: 'away' as const, glass: null },
    'Out of season · missing plum and bay leaf',
  ],
  [
    { missing: ['plum', 'bay', 'honey', 'mint'], season: null, glass: null },
    'Missing plum, bay leaf and 2 more',
  ],
])('%j', (outlook, words) => expect(outlookWords(outlook, now)).toBe(words));

test('what brings it to life is named by the jar that is here, else by what is to be had', () => {
  expect(lifeWords('ginger-bug', 'here', 'Nib')).toBe('With Nib');
  expect(lifeWords('ginger-bug', 'to-begin', null)).toBe('Needs a ginger bug');
  expect(lifeWords('wild', 'none-needed', null)).toBe('No starter needed');
});
