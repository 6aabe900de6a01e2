import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { givesWords } from './gives-words';

const jar = (culture: string, waterMl: number, place: 'counter' | 'fridge' = 'counter') =>
  addPortions(
    emptyLot('j', 0, {
      role: 'starter',
      name: 'Hob',
      vessel: { kind: 'jar', ml: 1500 },
      closure: 'cloth',
      place,
      culture,
    }),
    [
      { what: 'water', ml: waterMl },
      ...(culture === 'ginger-bug' ? [] : [{ what: 'kefir-grains', grams: 60 }]),
    ],
    { at: 0, entryId: 'j' },
  );

test('a bug gives what may go of it, grains are strained, what is cold sleeps', () => {
  // Two fifths of its 499 ml stay: 299 may go, in fives that leave no less.
  expect(givesWords(jar('ginger-bug', 500), null)).toBe('Draw up to 295 ml (1¼ cups)');
  expect(givesWords(jar('ginger-bug', 500, 'fridge'), null)).toBe('Asleep: wake it before drawing');
  // One that starved gives nothing before it was brought back.
  expect(givesWords(jar('ginger-bug', 500), { days: 20, survival: 0.4, state: 'doubtful' })).toBe(
    'Bring it back before drawing',
  );
  expect(givesWords(jar('water-kefir-grains', 800), null)).toMatch(/^Strain 7\d\d ml/);
});
