import { simmered } from '../recipes/library/methods';
import { stepsAhead } from './steps-ahead';

const ahead = {
  name: 'Pear and fennel',
  jarMl: 2500,
  place: 'counter' as const,
  portions: [
    { what: 'white-sugar', grams: 160 },
    { what: 'pear', grams: 300 },
  ],
};

test('the steps of a brew that is not begun follow its method, as those of its day will', () => {
  const method = simmered();
  const recipe = { base: 'fruit' as const, wantedVolumes: 2.5, method, waterMl: 1700 };
  const ids = stepsAhead({ ...ahead, recipe }, undefined, 21).map(({ id }) => id);
  expect(ids).toEqual(
    expect.arrayContaining(['water', 'clean', 'prepare', 'heat', 'cool', 'strain', 'cover']),
  );
  expect(ids.indexOf('heat')).toBeLessThan(ids.indexOf('cool'));
  // Nothing to pitch, nothing to draw.
  expect(ids).not.toContain('pitch');
  const cold = { ...method, heat: 'none' as const, water: 'as-is' as const };
  const coldIds = stepsAhead({ ...ahead, recipe: { ...recipe, method: cold } }, undefined, 21).map(
    ({ id }) => id,
  );
  expect(coldIds).toContain('mix');
  expect(coldIds).not.toContain('heat');
  expect(coldIds).not.toContain('cool');
});
