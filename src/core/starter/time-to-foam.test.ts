import type { Entry } from '../journal/entry';
import { bug, dawn, id } from './bug.test-tool';
import { timesToFoam } from './time-to-foam';
import { hourMs } from '../duration';

let n = 120;
const entry = (hours: number, act: object): Entry =>
  ({ id: id((n += 1)), at: dawn + hours * hourMs, offset: 0, version: 2, ...act }) as Entry;
const fed = (hours: number, what = 'white-sugar') =>
  entry(hours, { kind: 'portions-added', lotId: id(0), portions: [{ what, grams: 12 }] });
const looked = (hours: number, signs: object) => entry(hours, { kind: 'observed', lotId: id(0), signs });

test('hours from each feed to its first good foam; flat looks, water and unseen feeds do not count', () => {
  const lot = bug([
    fed(24),
    looked(30, { foam: 'none' }),
    looked(34, { foam: 'good' }),
    looked(40, { foam: 'riding' }),
    fed(48),
    fed(72),
    fed(74, 'water'),
    looked(77.5, { foam: 'riding', smell: 'yeasty' }),
  ]);
  expect(timesToFoam(lot)).toEqual([
    { fedAt: dawn + 24 * hourMs, hours: 10 },
    { fedAt: dawn + 72 * hourMs, hours: 5.5 },
  ]);
  expect(timesToFoam(bug([looked(5, { foam: 'good' })]))).toEqual([{ fedAt: dawn, hours: 5 }]);
  expect(timesToFoam(bug())).toEqual([]);
});
