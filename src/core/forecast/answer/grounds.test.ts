import { lotOf } from '../../journal/household';
import { groundsOf } from './grounds';
import { dawn, dosedHousehold } from '../kitchen.test-tool';
import { hourMs } from '../../duration';

describe('grounds', () => {
  const { kitchen, brew, primed } = dosedHousehold();
  const told = kitchen.household;
  const path = [lotOf(told, brew)!, lotOf(told, primed[1]!)!];
  const words = [
    { id: 't1', at: dawn - hourMs, place: 'counter' as const, celsius: 22 },
    { id: 't2', at: dawn - 99 * hourMs, place: 'counter' as const, celsius: 19 },
    { id: 't3', at: dawn, place: 'fridge' as const, celsius: 5 },
  ];
  const grounds = (topic: Parameters<typeof groundsOf>[0]) =>
    groundsOf(topic, path, told, words, dawn + 44 * hourMs);

  test('every input with the entry it came from, in order; of the jar only what came before', () => {
    expect(
      grounds('chill').inputs.map(({ code, entryId }) => [code, entryId === null ? null : entryId.slice(-4)]),
    ).toEqual([
      ['added', 'kitc'],
      ['temperature', 't1'],
      ['pitched', 'kitc'],
      ['reading', 'kitc'],
      ['drawn-into', 'kitc'],
      ['pitched', 'kitc'],
      ['added', 'kitc'],
      ['vessel', null],
      ['reading', 'kitc'],
    ]);
    expect(grounds('chill').readings).toBe(2);
    expect(grounds('chill').inputs.find(({ code }) => code === 'vessel')!.values).toEqual({
      kind: 'swing-top',
      ml: 500,
    });
  });

  test('three degrees warmer and colder, by the yeast’s own pace; an account asks no temperature', () => {
    const { warmer, colder } = grounds('chill');
    expect(warmer).toBeCloseTo(1 / 1.259, 3);
    expect(colder).toBeCloseTo(8000 / 14336 / ((-23 * 17 * 17) / (32 * (32 * -15 + 8 * -2))), 6);
    expect(grounds('sugar')).toMatchObject({ warmer: null, colder: null });
    expect(grounds('sugar').inputs.some(({ code }) => code === 'temperature')).toBe(false);
  });
});
