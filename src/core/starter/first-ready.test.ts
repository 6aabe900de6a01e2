import { dawn, TestKitchen } from '../forecast/kitchen.test-tool';
import { lotOf } from '../journal/household';
import { firstReadyAt } from './beginning-run';
import { hourMs } from '../duration';

describe('when a new jar is first drawn from', () => {
  const kitchen = () => {
    const told = new TestKitchen(22);
    const jar = told.jar(0, 'ginger-bug', [
      { what: 'water', ml: 400 },
      { what: 'ginger', grams: 20 },
      { what: 'white-sugar', grams: 20 },
    ]);
    return { told, jar };
  };
  const ready = ({ told, jar }: ReturnType<typeof kitchen>, hour: number) => {
    const { household } = told;
    const at = firstReadyAt(lotOf(household, jar)!, household.warmths, dawn + hour * hourMs);
    return at === null ? null : (at - dawn) / hourMs / 24;
  };

  test('by its guide: a bug at 22 °C on its fifth day, whenever it is asked; from then on it is', () => {
    const bug = kitchen();
    for (const hour of [0, 20, 60]) expect(ready(bug, hour)).toBeCloseTo(ready(bug, 0)!, 3);
    expect(ready(bug, 0)).toBeGreaterThan(3);
    expect(ready(bug, 0)).toBeLessThan(6);
    expect(ready(bug, 6 * 24)).toBeNull();
  });

  test('what is seen goes first: good foam opens it, and no foam after that closes it again', () => {
    const bug = kitchen();
    bug.told.at(40, { kind: 'observed', lotId: bug.jar, signs: { foam: 'good' } });
    expect(ready(bug, 41)).toBeNull();
    expect(ready(bug, 39)).not.toBeNull();
    bug.told.at(42, { kind: 'observed', lotId: bug.jar, signs: { foam: 'none' } });
    expect(ready(bug, 43)).not.toBeNull();
  });

  test('grains go straight in: they have no such day', () => {
    const told = new TestKitchen(22);
    const jar = told.jar(0, 'water-kefir-grains', [
      { what: 'water', ml: 400 },
      { what: 'kefir-grains', grams: 25 },
      { what: 'white-sugar', grams: 25 },
    ]);
    expect(ready({ told, jar }, 1)).toBeNull();
  });
});
