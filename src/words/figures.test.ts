import { setUnits } from '@/core/measures/unit-system';
import { amountFigure } from './figures';

afterEach(() => setUnits({ system: 'metric', fahrenheit: false }));

test('a figure stands in the kitchen’s own units', () => {
  expect(amountFigure(403.6, 'ml')).toEqual({ value: '404', unit: 'ml' });
  expect(amountFigure(2.458, 'L')).toEqual({ value: '2.46', unit: 'L' });
  setUnits({ system: 'us', fahrenheit: true });
  // 403.6 / 29.5735; 2458 / 946.353; 11 / 28.3495.
  expect(amountFigure(403.6, 'ml')).toEqual({ value: '13.6', unit: 'fl oz' });
  expect(amountFigure(2.458, 'L')).toEqual({ value: '2.6', unit: 'qt' });
  expect(amountFigure(11, 'g')).toEqual({ value: '0.39', unit: 'oz' });
  setUnits({ system: 'imperial', fahrenheit: false });
  expect(amountFigure(2.458, 'L')).toEqual({ value: '2.16', unit: 'qt' });
});
