import { readList } from './read-list';

const whats = (text: string) => readList(text).portions.map(({ what, grams, ml }) => [what, grams ?? ml]);

test('several entries stand in one line between commas; a comma that says how a thing is cut does not part it', () => {
  expect(whats('300 g plum, 4 g bay leaf')).toEqual([
    ['plum', 300],
    ['bay', 4],
  ]);
  expect(whats('300 g plum,4 g bay leaf; 20 ml lemon juice')).toEqual([
    ['plum', 300],
    ['bay', 4],
    ['lemon-juice', 20],
  ]);
  expect(whats('500 g plums, stoned')).toEqual([['plum', 500]]);
  expect(whats('1,5 dl lemon juice')).toEqual([['lemon-juice', 150]]);
  expect(whats('1,300 g plum')).toEqual([['plum', 1300]]);
});

test('what is named alone has no amount: it is told apart from what cannot be read', () => {
  const list = readList('300 g plum, bay leaf, mint');
  expect(list.named).toEqual(['bay', 'mint']);
  expect(list.portions).toEqual([{ what: 'plum', grams: 300 }]);
  const unknown = readList('2 firkins plums\nmagic dust');
  expect(unknown.named).toEqual([]);
  expect(unknown.asked.map(({ line }) => line)).toEqual(['2 firkins plums', 'magic dust']);
});

test('a starter among the entries is the dose', () => {
  const { dose, portions } = readList('90 g sugar, 120 ml ginger bug');
  expect(dose).toEqual({ culture: 'ginger-bug', amount: 120 });
  expect(portions).toEqual([{ what: 'white-sugar', grams: 90 }]);
});

test('of a recipe in JSON-LD the ingredients are read, of more than sixty entries the first', () => {
  const json = JSON.stringify({ '@type': 'Recipe', recipeIngredient: ['90 g sugar', '1 firkin plums'] });
  const { portions, asked } = readList(json);
  expect(portions).toEqual([{ what: 'white-sugar', grams: 90 }]);
  expect(asked.map(({ line }) => line)).toEqual(['1 firkin plums']);
  expect(readList(Array.from({ length: 90 }, () => '1 g salt').join('\n')).portions).toHaveLength(60);
});
