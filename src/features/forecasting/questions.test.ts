import type { ForecastQuestion } from '@/workers/forecast-queue';
import { atFirst } from './questions';

const family = (members: number): ForecastQuestion => ({
  kind: 'family',
  subject: 'a',
  asked: { rootId: 'a', family: { root: { members, seed: 7 }, lots: ['a'], branches: [] } } as never,
});

test('a first look asks a few kitchens, and everything else as it will be asked', () => {
  expect(atFirst(family(480))).toEqual(family(48));
  expect(atFirst(family(40))).toEqual(family(40));
  const jar = { kind: 'starter', subject: 'b', asked: { lotId: 'b' } } as unknown as ForecastQuestion;
  expect(atFirst(jar)).toBe(jar);
});
