import { dayMs } from '@/core/duration';
import { emptyHousehold } from '@/core/journal/household';
import { library } from '@/core/recipes/library/registry';
import { withSetting } from '@/core/settings/settings';
import { outlookOf, isWanted } from './outlook';

const plum = library.find(({ id }) => id === 'plum-fig-leaf')!;
const august = Date.UTC(2026, 7, 20, 9);
const january = Date.UTC(2026, 0, 20, 9);
const nobody = emptyHousehold;
const look = (now: number, south = false) => outlookOf(plum, nobody, [], { now, south });
const has = (...whats: string[]) => ({
  ...nobody,
  settings: whats.reduce(
    (all, key) => withSetting(all, { thing: 'pantry', key, value: {} }),
    nobody.settings,
  ),
});

test('plums and fig leaves are of late summer, half a year later in the south', () => {
  expect(look(august).season).toBe('now');
  expect(look(january).season).toBe('away');
  expect(look(january, true).season).toBe('now');
});

test('what is missing is known once somebody said what is in the house', () => {
  expect(look(august).missing).toBeNull();
  const some = outlookOf(plum, has('plum', 'white-sugar'), [], { now: august, south: false });
  expect(some.missing).toEqual(['fig-leaf', 'lemon-juice']);
  const all = outlookOf(plum, has('plum', 'white-sugar', 'fig-leaf', 'lemon-juice'), [], {
    now: august,
    south: false,
  });
  expect(all.missing).toEqual([]);
  const seen = { alcohol: null, own: false };
  expect(isWanted('house', { ...seen, outlook: look(august) }, august)).toBe(false);
  expect(isWanted('house', { ...seen, outlook: all }, august)).toBe(true);
});

test('without a bug it must be begun first, and no glass is promised', () => {
  const { life, glass } = look(august);
  expect(life).toBe('to-begin');
  expect(glass).toBeNull();
  expect(isWanted('week', { outlook: look(august), alcohol: null, own: false }, august)).toBe(false);
});

test('a wish is met by what is known, at its bound too', () => {
  const outlook = { ...look(august), glass: { early: 0, usual: august + 7 * dayMs, late: 0 } };
  const seen = { outlook, alcohol: 1, own: true };
  expect(isWanted('week', seen, august)).toBe(true);
  expect(isWanted('week', seen, august - 1)).toBe(false);
  expect(isWanted('mild', seen, august)).toBe(true);
  expect(isWanted('mild', { ...seen, alcohol: 1.01 }, august)).toBe(false);
  expect(isWanted('mild', { ...seen, alcohol: null }, august)).toBe(false);
  expect(isWanted('lives', seen, august)).toBe(false);
  expect(isWanted('own', seen, august)).toBe(true);
});
