import { begunAlone, bug, grainsJar } from './bug.test-tool';
import { secondJar } from './second-jar';

test('the usual 60 g of grains a litre, 6 % of sugar, and a jar a tenth bigger than it comes to', () => {
  // 1,000 ml, 60 g and 60 g: 1,120 over 0.9 is 1,244.
  expect(secondJar(grainsJar().lot, 60)).toEqual({
    portions: [
      { what: 'water', ml: 1000 },
      { what: 'white-sugar', grams: 60 },
    ],
    jarMl: 1250,
  });
  // 3 g would be 50 ml: at least 100 are taken. 106 + 3 over 0.9 is 121.
  expect(secondJar(grainsJar().lot, 3)).toMatchObject({ portions: [{ ml: 100 }, { grams: 6 }], jarMl: 150 });
});

test('sweetened as the first jar is; none for what has no grains', () => {
  const cane = begunAlone({
    culture: 'water-kefir-grains',
    portions: [
      { what: 'water', ml: 500 },
      { what: 'cane-sugar', grams: 30 },
      { what: 'kefir-grains', grams: 40 },
    ],
  });
  expect(secondJar(cane, 20)!.portions[1]!.what).toBe('cane-sugar');
  expect(secondJar(bug(), 20)).toBeNull();
});
