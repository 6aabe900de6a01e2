import { partOf } from '@/core/part-of.test-tool';
import type { BrewStep } from '@/core/brew/steps';
import type { Lot } from '@/core/lots/lot';
import { bug } from '@/core/starter/bug.test-tool';
import { stepDeeds, type Typed } from './step-deeds';

const brew = partOf<Lot>({ id: 'brew', name: 'Plum' });
const jar = bug();
const sugar = [{ what: 'white-sugar', grams: 80 }];
const nothing: Typed = { celsius: '', dose: '', sg: '' };
const done = (deed: BrewStep['deed'], step: Partial<BrewStep> = {}, typed: Partial<Typed> = {}) =>
  stepDeeds[deed](partOf<BrewStep>({ deed, portions: [], ...step }), brew, { ...nothing, ...typed }, (id) =>
    id === jar.id ? jar : undefined,
  );

test('what is stirred in goes into the brew, what is given back into its jar', () => {
  expect(done('add', { portions: sugar })).toEqual([
    { kind: 'portions-added', lotId: 'brew', portions: sugar },
  ]);
  expect(done('restart', { lotId: jar.id, portions: sugar })).toMatchObject([{ lotId: jar.id }]);
  expect([done('restart', { portions: sugar }), done('none')]).toEqual([[], []]);
});

test('what is strained off is thrown away, by cloth, a fine sieve or a coarse one', () => {
  const strained = (way?: BrewStep['way']) => done('strain', way ? { way } : {});
  expect(strained('cloth')).toMatchObject([{ from: 'brew', taken: 'solids', strained: 'cloth' }]);
  expect(strained('fine')).toMatchObject([{ strained: 'fine', targets: [{ gone: 'discarded' }] }]);
  expect(strained()).toMatchObject([{ strained: 'coarse' }]);
});

test('a gravity may be left out, and is asked again when it is none', () => {
  expect(done('measure', {}, { sg: '1.042' })).toEqual([
    { kind: 'measured', lotId: 'brew', quantity: 'sg', value: 1.042 },
  ]);
  expect(done('measure')).toEqual([]);
  expect(done('measure', {}, { sg: 'sweet' })).toMatchObject({ key: 'sg' });
});

test('pitched from a jar by the dose that is typed, once the base is cool enough to say so', () => {
  const step = { lotId: jar.id };
  expect(done('pitch', step, { dose: '80 ml' })).toMatchObject({ key: 'celsius' });
  expect(done('pitch', step, { celsius: '45', dose: '80 ml' })).toEqual({
    key: 'celsius',
    message: '45 °C kills a starter. Wait until it is below 30 °C: an ice bath takes minutes.',
  });
  expect(done('pitch', step, { celsius: '24', dose: '80 ml' })).toEqual([
    {
      kind: 'transferred',
      from: jar.id,
      taken: 'liquid',
      celsius: 24,
      targets: [{ lotId: 'brew', ml: 80 }],
    },
  ]);
  // 255 ml are the most that this jar gives.
  expect(done('pitch', step, { celsius: '24', dose: '256 ml' })).toMatchObject({
    key: 'dose',
    message: expect.stringContaining('255 ml'),
  });
  expect(done('pitch', { lotId: 'gone' }, { celsius: '24', dose: '80 ml' })).toMatchObject({ key: 'dose' });
  expect(done('pitch', { portions: sugar }, { celsius: '24' })).toMatchObject([
    { kind: 'portions-added', celsius: 24 },
  ]);
});
