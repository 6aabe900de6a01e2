import type { Entry } from '../journal/entry';
import { knownGuides } from '../cultures/guides/registry';
import { cultures, keptKinds } from '../cultures/registry';
import type { Warmths } from '../kitchen/places';
import { begunAlone, bug, dawn, id } from './bug.test-tool';
import { beginningOf, isBeginning } from './beginning-run';
import { dayMs } from '../duration';

const at22: Warmths = { counter: [{ at: dawn, celsius: 22 }] };
let n = 30;
const looked = (days: number, signs: object): Entry =>
  ({
    id: id((n += 1)),
    at: dawn + days * dayMs,
    offset: 0,
    version: 2,
    kind: 'observed',
    lotId: id(0),
    signs,
  }) as Entry;
const run = (days: number, entries: Entry[] = [], warmths: Warmths = at22) =>
  beginningOf(bug(entries), warmths, dawn + days * dayMs)!;
const due = (of: ReturnType<typeof run>) =>
  of.steps.map(({ at }) => Number(((at - dawn) / dayMs).toFixed(3)));

describe('a bug at 22 °C', () => {
  test('its steps lie on their days; the one that is due is now', () => {
    const two = run(2.2);
    expect(due(two)).toEqual([0, 1, 2, 3, 4.5]);
    expect(two.steps.map(({ state }) => state)).toEqual(['past', 'past', 'now', 'coming', 'coming']);
    expect(two.day).toBeCloseTo(2.2, 9);
    expect((two.giveUpAt! - dawn) / dayMs).toBeCloseTo(10, 6);
  });

  test('at 27 °C days are shorter by 1.09⁵, at 18 °C longer by 1.09⁴', () => {
    const warm = run(1, [], { counter: [{ at: dawn, celsius: 27 }] });
    expect(warm.day).toBeCloseTo(1.09 ** 5, 6);
    expect((warm.steps[4]!.at - dawn) / dayMs).toBeCloseTo(4.5 / 1.09 ** 5, 6);
    expect(run(4, [], { counter: [{ at: dawn, celsius: 18 }] }).day).toBeCloseTo(4 / 1.09 ** 4, 6);
  });

  test('good foam on the second day brings it to the third step, and it is not given up any more', () => {
    const ahead = run(2, [looked(1.5, { foam: 'good' })]);
    // 1.5 days become 3, and half a day is lived since.
    expect(ahead.day).toBeCloseTo(3.5, 6);
    expect(ahead.steps.map(({ shown }) => shown)).toEqual([true, true, true, true, false]);
    expect(due(ahead)[4]).toBeCloseTo(3, 3);
    expect([ahead.giveUpAt, ahead.givenUp]).toEqual([null, false]);
  });

  test('flat on the fourth day holds it before the first bubbles; its last day stays where it was', () => {
    const behind = run(4, [looked(4, { foam: 'none' })]);
    expect(behind.day).toBeCloseTo(2, 9);
    expect(behind.steps.map(({ state }) => state)).toEqual(['past', 'past', 'now', 'coming', 'coming']);
    expect((behind.giveUpAt! - dawn) / dayMs).toBeCloseTo(10, 6);
    // Flat after it once foamed says nothing of a beginning.
    expect(run(5, [looked(3, { foam: 'good' }), looked(5, { foam: 'none' })]).day).toBeCloseTo(5, 6);
  });

  test('nothing by the tenth day: given up', () => {
    expect(run(9.9).givenUp).toBe(false);
    expect(run(10.1)).toMatchObject({ givenUp: true, why: expect.stringContaining('mould') });
  });

  test('it is shown until a day after its last step, or when it is given up; not once drawn from', () => {
    expect(isBeginning(bug(), run(5.4))).toBe(true);
    expect(isBeginning(bug(), run(5.6))).toBe(false);
    expect(isBeginning(bug(), run(11))).toBe(true);
    const drawn = bug([
      {
        id: id(99),
        at: dawn + 4 * dayMs,
        offset: 0,
        version: 2,
        kind: 'transferred',
        from: id(0),
        taken: 'liquid',
        targets: [{ ml: 50 }],
      } as Entry,
    ]);
    expect(isBeginning(drawn, run(5))).toBe(false);
  });
});

test('every kind that grows in days has its days: rising, with sights, and given up after the last', () => {
  for (const { id: kind, keeping } of keptKinds) {
    const guide = knownGuides(kind)!;
    if (keeping.ripensDays[2] === 0) {
      expect(guide.beginning).toBeUndefined();
      continue;
    }
    expect(guide.beginning!.giveUpDay).toBeGreaterThanOrEqual(keeping.ripensDays[2]);
  }
  const beginnings = cultures.flatMap(({ id: kind }) => {
    const guide = knownGuides(kind);
    return [guide?.beginning, guide?.driedBeginning].filter((each) => each !== undefined);
  });
  expect(beginnings).toHaveLength(7);
  for (const { steps, giveUpDay } of beginnings) {
    expect(steps[0]!.day).toBe(0);
    steps.slice(1).forEach((step, i) => expect(step.day).toBeGreaterThan(steps[i]!.day));
    expect(giveUpDay).toBeGreaterThan(steps.at(-1)!.day);
    expect(steps.some(({ shownBy }) => shownBy)).toBe(true);
  }
});

describe('beginnings of other kinds', () => {
  const begunWith = (culture: string, what: string, role: 'starter' | 'brew') =>
    begunAlone({
      role,
      culture,
      vessel: { kind: 'jar', ml: 2000 },
      portions: [
        { what: 'water', ml: 800 },
        { what, grams: 50 },
      ],
    });
  const at22 = { counter: [{ at: dawn - dayMs, celsius: 22 }] };

  test('dried grains have days of their own, five and a half of them; fresh ones four', () => {
    const last = (what: string) =>
      beginningOf(begunWith('water-kefir-grains', what, 'starter'), at22, dawn)!.steps.at(-1)!.step.day;
    expect([last('dried-kefir-grains'), last('kefir-grains')]).toEqual([5.5, 4]);
  });

  test('peel and raw ginger that live by themselves are guided as brews', () => {
    const peel = beginningOf(begunWith('peel', 'pineapple-rind', 'brew'), at22, dawn + 2.1 * dayMs)!;
    expect(peel.steps.map(({ state }) => state)).toEqual(['past', 'past', 'now', 'coming', 'coming']);
    expect(peel.giveUpAt).toBe(dawn + 7 * dayMs);
    expect(beginningOf(begunWith('bare', 'ginger', 'brew'), at22, dawn)!.giveUpAt).toBe(dawn + 9 * dayMs);
    expect(beginningOf(begunWith('ginger-bug', 'ginger', 'brew'), at22, dawn)).toBeNull();
  });
});
