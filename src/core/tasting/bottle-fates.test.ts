import type { Ending, Lot, OpeningKind } from '../lots/lot';
import { fateOf, fatesOf, type Fate } from './bottle-fates';

const bottle = (
  opened: OpeningKind | null,
  ended: Ending | null,
): Pick<Lot, 'role' | 'opened' | 'ended'> => ({
  role: 'bottle',
  opened: opened && { at: 1, how: opened, entryId: 'o' },
  ended: ended && { at: 2, how: ended, why: '', entryId: 'e' },
});

test.each<[OpeningKind | null, Ending | null, Fate]>([
  ['lively', 'drunk', 'good'],
  ['gentle', null, 'good'],
  ['still', 'drunk', 'flat'],
  ['gusher', 'discarded', 'gushed'],
  [null, 'drunk', 'good'],
  [null, 'given', 'given'],
  [null, 'burst', 'burst'],
  [null, 'leaked', 'burst'],
  [null, 'discarded', 'wasted'],
  [null, 'lost', 'wasted'],
  [null, null, 'closed'],
])('a bottle opened %s and ended %s is %s', (opened, ended, fate) => {
  expect(fateOf(bottle(opened, ended))).toBe(fate);
});

test('bottles alone are counted, each once', () => {
  const jar = { role: 'starter', opened: null, ended: null } as const;
  expect(fatesOf([jar, bottle('lively', null), bottle('lively', 'drunk'), bottle(null, null)])).toEqual({
    good: 2,
    flat: 0,
    gushed: 0,
    given: 0,
    wasted: 0,
    burst: 0,
    closed: 1,
  });
});
