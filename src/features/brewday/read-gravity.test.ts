import { readGravity } from './read-gravity';

test('a gravity from a hydrometer, thousandths or not, or °Brix from a refractometer', () => {
  expect(readGravity('1.042')).toEqual({ quantity: 'sg', value: 1.042 });
  expect(readGravity('1,042')).toEqual({ quantity: 'sg', value: 1.042 });
  expect(readGravity('1042')).toEqual({ quantity: 'sg', value: 1.042 });
  expect(readGravity('10,4')).toEqual({ quantity: 'brix', value: 10.4 });
  expect(readGravity(' ')).toBe('none');
  for (const text of ['sweet', '0.5', '46', '1300', '-1'])
    expect([text, readGravity(text)]).toEqual([text, 'wrong']);
});
