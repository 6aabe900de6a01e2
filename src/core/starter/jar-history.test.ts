import type { Entry } from '../journal/entry';
import { levelMl } from '../matter/contents';
import { bug, dawn, grainsJar, id } from './bug.test-tool';
import { jarHistory, surplusOf } from './jar-history';
import { dayMs } from '../duration';

let n = 70;
const entry = (days: number, act: object): Entry =>
  ({ id: id((n += 1)), at: dawn + days * dayMs, offset: 0, version: 2, ...act }) as Entry;
const fed = (days: number) =>
  entry(days, {
    kind: 'portions-added',
    lotId: id(0),
    portions: [
      { what: 'ginger', grams: 12 },
      { what: 'white-sugar', grams: 12 },
    ],
  });
const drawn = (days: number, ml: number) =>
  entry(days, { kind: 'transferred', from: id(0), taken: 'liquid', targets: [{ ml }] });
const level = (days: number, ml: number) =>
  entry(days, { kind: 'measured', lotId: id(0), quantity: 'ml', value: ml });
const took = (days: number, grams: number, more: object = {}) =>
  entry(days, {
    kind: 'transferred',
    from: id(0),
    taken: 'solids',
    solid: 'kefir-grains',
    targets: [{ grams, ...more }],
  });
const weighed = (days: number, grams: number) =>
  entry(days, { kind: 'measured', lotId: id(0), quantity: 'grams', value: grams });

test('a jar’s level after each feed, draw and measurement ends at what it holds', () => {
  const lot = bug([fed(1), drawn(2, 150), fed(3), level(4, 300), fed(5)]);
  const { levels, deeds } = jarHistory(lot);
  expect(levels.map(({ at }) => (at - dawn) / dayMs)).toEqual([0, 1, 2, 3, 4, 5]);
  expect(levels.at(-1)!.value).toBeCloseTo(levelMl(lot.contents), 6);
  // A feed of 24 g raises it by three tenths of its ginger and the sugar is taken up by what dries: 3.6 ml.
  expect(levels[1]!.value - levels[0]!.value).toBeCloseTo(3.6, 6);
  expect(levels[1]!.value - levels[2]!.value).toBeCloseTo(150, 6);
  expect(levels[4]!.value).toBeCloseTo(300, 6);
  expect(deeds.map(({ deed }) => deed)).toEqual(['begun', 'fed', 'drawn', 'fed', 'looked', 'fed']);
});

test('grains: what went in, was taken off, and was weighed', () => {
  const { lot } = grainsJar(weighed(2, 90), took(3, 30), weighed(4, 66));
  expect(jarHistory(lot).grains.map(({ value }) => value)).toEqual(
    [60, 90, 60, 66].map((grams) => expect.closeTo(grams, 6)),
  );
  expect(jarHistory(bug()).grains).toEqual([]);
});

test('what became of grains taken off is added up by use', () => {
  const { lot } = grainsJar(
    weighed(2, 120),
    took(3, 20, { gone: 'given' }),
    took(4, 10, { gone: 'dried' }),
    took(5, 15, { gone: 'given' }),
    took(6, 5),
    took(7, 30, {
      begin: {
        role: 'starter',
        name: 'Two',
        vessel: { kind: 'jar', ml: 1000 },
        closure: 'cloth',
        place: 'counter',
      },
    }),
  );
  expect(surplusOf(lot)).toEqual({
    given: expect.closeTo(35, 6),
    dried: expect.closeTo(10, 6),
    discarded: expect.closeTo(5, 6),
    jar: expect.closeTo(30, 6),
  });
  expect(surplusOf(bug([drawn(2, 100)]))).toEqual({});
});
