import { labelSugar } from './label-sugar';

test('sugar from a label as it stands, from °Brix by the density of what was measured', () => {
  expect(labelSugar('10.4')).toBe(10.4);
  expect(labelSugar(' 10,4 g')).toBe(10.4);
  // 12 °Brix is 12 g in 100 g; at 1.0465 g/ml that is 12.56 g in 100 ml.
  for (const text of ['12 brix', '12 °Brix', '12°Bx', '12 bx.'])
    expect(labelSugar(text)).toBeCloseTo(12.56, 1);
  expect(labelSugar('0')).toBe(0);
  for (const text of ['', 'sweet', '101', '-3', '90 brix', 'brix']) expect(labelSugar(text)).toBeNaN();
});
