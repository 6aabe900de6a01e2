import { setUnits } from '@/core/measures/unit-system';
import { roughLitres } from './sizes';

afterEach(() => setUnits({ system: 'metric', fahrenheit: false }));

test('the usual sizes are offered, and the present one in place of the nearest', () => {
  expect(roughLitres(2000)).toEqual([1000, 2000, 3000, 5000]);
  expect(roughLitres(1650)).toEqual([1000, 1650, 3000, 5000]);
  expect(roughLitres(300)).toEqual([300, 2000, 3000, 5000]);
  expect(roughLitres(20_000)).toEqual([1000, 2000, 3000, 20_000]);
  // As near to one as to the other: the smaller gives way.
  expect(roughLitres(4000)).toEqual([1000, 2000, 4000, 5000]);
});

test('where quarts are poured, whole quarts are offered', () => {
  setUnits({ system: 'us', fahrenheit: true });
  expect(roughLitres(1893)).toEqual([946, 1893, 2838, 4730]);
  setUnits({ system: 'imperial', fahrenheit: false });
  expect(roughLitres(2000)).toEqual([1137, 2000, 3411, 5685]);
});
