import { ownId } from '@/core/matter/own-ingredient';
import { namesWith } from '@/core/recipes/ingredient-names';
import { ask, isFault } from './tool';
import { tools } from './tools';

const said = (id: string, typed: Record<string, string> = {}, choice?: string) => {
  const tool = tools.find((each) => each.id === id)!;
  const start = Object.fromEntries(tool.fields.map((field) => [field.key, field.start]));
  const answer = ask(tool, { ...start, ...typed }, choice ?? tool.choice?.options[0]?.value ?? '');
  return isFault(answer) ? `${answer.key}: ${answer.message}` : answer;
};
const first = (...asked: Parameters<typeof said>) => {
  const answer = said(...asked);
  return typeof answer === 'string' ? answer : answer.lines[0];
};

test('every tool answers what it starts with, and says how', () => {
  for (const tool of tools) {
    expect(typeof said(tool.id)).toBe('object');
    expect(tool.how.length).toBeGreaterThan(40);
  }
  expect(tools).toHaveLength(9);
});

test('an ingredient of the household’s own is converted by its own cup', () => {
  const own = ownId({ name: 'Hedge damson', like: 'plum', sugar: 9, acid: null, cupGrams: 150 });
  const tool = tools.find(({ id }) => id === 'measures')!;
  const typed = { what: 'hedge damson', amount: '3 tbsp' };
  // 45 ml of what weighs 150 g a cup of 236.6 ml.
  expect(ask(tool, typed, '', namesWith([own]))).toMatchObject({
    lines: ['Hedge damson: 28.5 g, 3 tbsp.'],
    send: { what: own, amount: '28.5 g' },
  });
  expect(isFault(ask(tool, { ...typed, what: 'hedge damsonite' }, ''))).toBe(true);
});

test('answers worked by hand', () => {
  // Honey weighs 1.42 g a millilitre: 45 ml are 63.9 g.
  expect(said('measures')).toMatchObject({
    lines: ['Honey: 63.9 g, 3 tbsp.', 'As a volume 45 ml (3 tbsp).'],
    send: { what: 'honey', amount: '63.9 g' },
  });
  // 75 g in 499 g of water.
  expect(first('percent')).toBe('15.0 % of the water’s weight.');
  expect(first('juice')).toBe('53 g of sugar, 105 g a litre.');
  expect(first('juice', { value: '10' }, 'brix')).toBe('52 g of sugar, 104 g a litre.');
  // 110 g in a litre and a half.
  expect(first('mixing')).toBe('1,500 ml (6¼ cups) at 73 g/L, SG 1.028.');
  expect(first('cooling', { volume: '5 l' })).toBe(
    'About 6.0 hours, give or take a third: one reading on the way tells more.',
  );
  expect(first('cooling', { volume: '5 l', after: '60', read: '58' })).toBe(
    'About 3.0 hours, by your reading.',
  );
  // 1.5·(90 − 28)/(28 − 10) = 5.17 L.
  expect(first('waters')).toBe('5,167 ml of it.');
  // 1.012·998.2/997.3 at 24 °C; (1.045 − 1.0129)·131.25 = 4.2.
  expect(first('gravity')).toMatch(/^Corrected to 20 °C it is 1\.0129,/);
  expect(said('gravity')).toMatchObject({
    lines: [
      expect.anything(),
      expect.stringMatching(/^Alcohol 4\.2 % and 4\.3 % by the rules of thumb, 4\.[1-4] % by mass balance/),
    ],
  });
  // 2.5 less 0.856 volumes at 21 °C: 6.3 g.
  expect(first('priming')).toMatch(/^6\.[23] g a litre; 3\.[12] g \(¾ tsp\) a bottle\.$/);
  expect(first('chlorine')).toBe('10 mg of vitamin C, a knife’s tip at most; it works at once.');
});

test('what cannot be is said at its box', () => {
  expect(said('measures', { what: 'stone' })).toBe('what: Not in the table: try honey, fresh ginger, plum.');
  expect(said('measures', { amount: 'much' })).toMatch(/^amount: /);
  expect(said('gravity', { og: '2' })).toMatch(/^og: Between 0\.9/);
  expect(said('gravity', { fg: 'low' })).toBe('fg: Write a number.');
  expect(said('cooling', { around: '35' })).toMatch(/^to: It does not get below 35 °C there/);
  expect(said('cooling', { after: '60', read: '99' })).toMatch(/^read: A reading lies between 21 and 95 °C/);
  expect(said('waters', { to: '9' })).toBe('to: The cold water is warmer than what you want.');
});
