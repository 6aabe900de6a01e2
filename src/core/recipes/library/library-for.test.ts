import { libraryFor } from './library-for';
import { library } from './registry';

test('of one kind of starter alone, none left out, the quickest first', () => {
  const cultures = new Set(library.map(({ culture }) => culture));
  expect([...cultures].flatMap(libraryFor)).toHaveLength(library.length);
  for (const id of cultures) {
    const days = libraryFor(id).map(
      ({ culture, method }) => [culture, method.days[0] + method.days[1]] as const,
    );
    expect(days.every(([culture]) => culture === id)).toBe(true);
    expect(days.map(([, sum]) => sum)).toEqual(days.map(([, sum]) => sum).sort((a, b) => a - b));
  }
  // With wine yeast: some days of juice before three weeks of damsons.
  expect(libraryFor('wine-yeast').map(({ id }) => id)).toHaveLength(2);
  expect(libraryFor('wine-yeast')[1]!.name).toBe('Damson and clove, three weeks');
  expect(libraryFor('nothing')).toEqual([]);
});
