import { lineQuestion } from '@/words/brews/recipe-words';
import { readLine } from '@/core/recipes/ingredient-line';
import { readList } from '@/core/recipes/read-list';
import { readRows, rowOf } from './portion-form';

test('a pasted list becomes rows that the form reads back the same; the rest is asked about', () => {
  const { portions: read, asked } = readList(
    '1 1/2 cups sugar\n\n500 g plums, sliced\njuice of 2 lemons\n1 mug water\n2 l water\nmagic dust',
  );
  const rows = read.map(rowOf);
  expect(rows).toEqual([
    { what: 'white-sugar', amount: '301.6 g' },
    { what: 'plum', amount: '500 g', form: 'sliced' },
    { what: 'lemon-juice', amount: '90 ml' },
    { what: 'water', amount: '2,000 ml' },
  ]);
  expect(asked.map(({ line }) => line)).toEqual(['1 mug water', 'magic dust']);
  const { portions, faults } = readRows(rows);
  expect(faults).toEqual({});
  expect(portions.map(({ grams, ml }) => grams ?? ml)).toEqual([301.6, 500, 90, 2000]);
});

test('each question has its sentence', () => {
  const asked = (line: string) => lineQuestion(readLine(line));
  expect(asked('1 mug water')).toBe(
    'That measure differs from kitchen to kitchen: how many grams or millilitres of water?',
  );
  expect(asked('2 heaped tbsp sugar')).toBe('How much white sugar? Write grams, or level spoons.');
  expect(asked('1 lemon or lime')).toMatch(/^More than one thing/);
  expect(asked('magic dust')).toMatch(/^Not in the table/);
  expect(asked('1 g salt')).toBe('');
});
