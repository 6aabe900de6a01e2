import { cultures } from '../cultures/registry';
import { drinksNamed } from './drink-names';
import { library } from './library/registry';

test.each([
  ['tepache', 'peel'],
  ['Tibicos', 'water-kefir-grains'],
  ['ginger beer plant', 'ginger-bug'],
  ['kombucha soda', 'tea-mother'],
  ['SCOBY', 'tea-mother'],
])('%s means %s', (name, culture) => {
  expect(drinksNamed(name).cultures).toContain(culture);
  expect(cultures.some(({ id }) => id === culture)).toBe(true);
});

test('names of drinks lead to what is in them, a recipe of ours among them; short or strange ones to nothing', () => {
  expect(drinksNamed('kvass').whats).toContain('rye-bread');
  expect(drinksNamed('ginger ale').whats).toContain('ginger');
  for (const none of ['', 'te', 'plum', 'x'.repeat(90)])
    expect(drinksNamed(none)).toEqual({ cultures: [], whats: [] });
  const tepache = library.filter(({ culture }) => drinksNamed('tepache').cultures.includes(culture));
  expect(tepache.map(({ name }) => name)).toEqual(['Tepache with fennel seed']);
});
