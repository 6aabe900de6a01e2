import type { ForecastQuestion } from '@/workers/forecast-queue';
import { atFirst } from './questions';
import { partOf } from '@/core/part-of.test-tool';
import type { FamilyQuestion } from '@/core/forecast/question/family-question';

const family = (members: number): ForecastQuestion => ({
  kind: 'family',
  subject: 'a',
  asked: partOf<FamilyQuestion>({
    rootId: 'a',
    family: { root: { members, seed: 7 }, lots: ['a'], branches: [] },
  }),
});

test('a first look asks a few kitchens, and everything else as it will be asked', () => {
  expect(atFirst(family(480))).toEqual(family(48));
  expect(atFirst(family(40))).toEqual(family(40));
  const jar = partOf<ForecastQuestion>({ kind: 'starter', subject: 'b', asked: { lotId: 'b' } });
  expect(atFirst(jar)).toBe(jar);
});
