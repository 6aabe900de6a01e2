import { isPoured, spoonGrams, type Portion } from '../matter/portion';
import { gramsPer, millilitresPer } from '../measures/units';
import type { Form } from '../matter/ingredient';
import { readLine } from './ingredient-line';

// Written by hand: a line as people write it | what it means (ingredient, amount, unit, form), or ? and what must be asked.
const lines = `
1 cup sugar | white-sugar 1 cup
1 cup of sugar | white-sugar 1 cup
1½ cups sugar | white-sugar 1.5 cup
1 1/2 cups granulated sugar | white-sugar 1.5 cup
1 ½ cups caster sugar | white-sugar 1.5 cup
½ cup raw sugar | cane-sugar 0.5 cup
a cup of demerara sugar | cane-sugar 1 cup
200 g sugar | white-sugar 200 g
200g sugar | white-sugar 200 g
200 grams of sugar | white-sugar 200 g
0.2 kg white sugar | white-sugar 200 g
0,2 kg white sugar | white-sugar 200 g
1 kilo sugar | white-sugar 1000 g
1,000 g sugar | white-sugar 1000 g
1 000 g sugar | white-sugar 1000 g
7 oz sugar | white-sugar 198.5 g
7 ounces caster sugar | white-sugar 198.5 g
1 lb sugar | white-sugar 453.6 g
1/2 lb. brown sugar | brown-sugar 226.8 g
half a pound of muscovado | brown-sugar 226.8 g
2 Tbsp sugar | white-sugar 2 tbsp
2 tablespoons golden caster sugar | cane-sugar 2 tbsp
2 level tbsp sugar | white-sugar 2 tbsp
3 tsp sugar | white-sugar 3 tsp
3 teaspoons of sugar | white-sugar 3 tsp
1 dessertspoon sugar | white-sugar 2 tsp
2 heaped tbsp sugar | ?
1 heaping cup sugar | ?
1 scant cup sugar | ?
1 cup (200 g) sugar | white-sugar 200 g
¾ cup (about 150 g) sugar | white-sugar 150 g
sugar to taste | ?
sugar | ?
some sugar | ?
150–200 g sugar | white-sugar 175 g
150 to 200 g sugar | white-sugar 175 g
2-3 tbsp honey | honey 2.5 tbsp
2 or 3 tablespoons honey | honey 2.5 tbsp
3 tbsp runny honey | honey 3 tbsp
1/3 cup honey | honey 0.333 cup
100 ml honey | honey 100 ml
80 g raw honey | honey 80 g
4 tbsp maple syrup | maple-syrup 4 tbsp
1/4 cup agave nectar | agave-syrup 0.25 cup
1 tbsp treacle | molasses 1 tbsp
2 tsp molasses | molasses 2 tsp
1 tbsp golden syrup | golden-syrup 1 tbsp
a splash of maple syrup | ?
a drizzle of honey | ?
1 jar honey | ?
2 l water | water 2 l
2 litres water | water 2 l
2 liters of water | water 2 l
1.5 L filtered water | water 1.5 l
1,5 l water | water 1.5 l
1,500 ml water | water 1500 ml
1 500 ml cold water | water 1500 ml
15 dl water | water 1500 ml
8 cups water | water 8 cup
8 c. water | water 8 cup
64 fl oz water | water 1894.4 ml
1 cup plus 1 tablespoon sugar | white-sugar 251.588 ml
half a cup honey | honey 118.294 ml
1 tea bag | black-tea 2 g
3 green tea bags | green-tea 6 g
1/2 lemon | lemon 50 g
1 slice ginger | ginger 3 g
2 small chillies | chilli 13 g
pinch of bicarb soda | baking-soda 0.3 ml
20 g turmeric | turmeric 20 g
3 qt spring water | water 2838.8 ml
1/2 gallon water | water 1892.7 ml
2 mint sprigs | mint 3 g
3 mirabelle plums | mirabelle 30 g
250 ml maracuja juice | passion-fruit-juice 250 ml
1 cup mango purée | mango-puree 1 cup
2 tbsp blackcurrant juice concentrate | blackcurrant-concentrate 2 tbsp
1 scoby | ?
40 g tibicos | kefir-grains 40 g
1 cup kombucha | ripe-tea 1 cup
2 constructor sugar | ?
1 toString | ?
constructor | ?
100,000,000 g sugar | ?
0 g sugar | ?
1 pint water | water 473.2 ml
2 quarts water | water 1892.8 ml
1 gallon water | water 3785.4 ml
a glass of water | ?
a mug of hot water | ?
500 mls boiling water | water 500 ml
50 cl spring water | water 500 ml
water, to fill the jar | ?
60 g ginger | ginger 60 g
60 g fresh ginger, grated | ginger 60 g grated
60g of fresh root ginger (unpeeled) | ginger 60 g
30 g unpeeled organic ginger, finely chopped | ginger 30 g chopped
4 tbsp grated ginger | ginger 4 tbsp grated
4 tbsp freshly grated ginger | ginger 4 tbsp grated
1/2 cup sliced ginger | ginger 0.5 cup sliced
1 tsp ground ginger | ground-ginger 1 tsp
2 tsp ginger powder | ground-ginger 2 tsp
a thumb of ginger | ?
1 thumb-sized piece of ginger | ?
2-inch piece ginger | ?
1 (5 cm) piece of ginger | ?
a knob of ginger | ?
3 slices ginger | ginger 9 g
20 g galangal | galangal 20 g
10 g turmeric root | turmeric 10 g
1 tsp turmeric | ?
100 g candied ginger | candied-ginger 100 g
500 g plums | plum 500 g
500g plums, stoned and halved | plum 500 g
1.3 kg of plums | plum 1300 g
1,3 kg plums | plum 1300 g
2 lbs plums, pitted | plum 907.2 g
12 plums | plum 780 g
a dozen plums | plum 780 g
half a dozen plums | plum 390 g
6 large plums | plum 546 g
3 pears | pear 510 g
3 ripe pears, cored and chopped | pear 510 g
two pears | pear 340 g
1 pear | pear 170 g
a pear | pear 170 g
2 medium apples | apple 340 g
1 quince | quince 250 g
300 g quince, sliced | quince 300 g sliced
250 g raspberries | raspberry 250 g
1 cup raspberries | raspberry 1 cup
2 cups strawberries, chopped | strawberry 2 cup chopped
1 punnet raspberries | ?
a handful of blackberries | ?
200 g gooseberries | gooseberry 200 g
400 g rhubarb, chopped | rhubarb 400 g chopped
3 stalks rhubarb | rhubarb 180 g
4 apricots | apricot 160 g
150 g damsons | damson 150 g
1 small melon | ?
rind and core of 1 pineapple | ?
300 g pineapple rind | pineapple-rind 300 g
1 pineapple | pineapple 900 g
2 carrots | carrot 140 g
1 beetroot, grated | beetroot 120 g
100 g beets, peeled | beetroot 100 g
1 cucumber | cucumber 300 g
30 raisins | ?
20 g raisins | raisin 20 g
1 tbsp raisins | raisin 1 tbsp
3 dried figs | dried-fig 45 g
pears or apples, 500 g | ?
500 g pears or apples | ?
500 g pears and apples | ?
1 cup dates | date 1 cup
1 mango | mango 220 g
200 g dragonfruit | ?
juice of 1 lemon | lemon-juice 45 ml
juice of 2 lemons | lemon-juice 90 ml
Juice of two lemons | lemon-juice 90 ml
the juice of half a lemon | lemon-juice 22.5 ml
juice of 1/2 lemon | lemon-juice 22.5 ml
juice from 3 limes | lime-juice 90 ml
2 lemons, juiced | lemon-juice 90 ml
2 limes, juice only | lime-juice 60 ml
juice of 1 orange | orange-juice 80 ml
juice of 1 large lemon | ?
juice of lemons | ?
juice of a few lemons | ?
zest of 1 orange | orange-zest 8 g
zest of 2 lemons | lemon-zest 12 g
1 lemon, zested | lemon-zest 6 g
juice and zest of 1 lemon | ?
zest and juice of 2 oranges | ?
1 lemon | lemon 100 g
1 lemon, sliced | lemon 100 g
half a lime | lime 32.5 g
3 tbsp lemon juice | lemon-juice 3 tbsp
60 ml lemon juice | lemon-juice 60 ml
¼ cup freshly squeezed lime juice | lime-juice 0.25 cup
1 tsp lemon zest | lemon-zest 1 tsp
500 ml apple juice | apple-juice 500 ml
2 cups cloudy apple juice | apple-juice 2 cup
1 l orange juice | orange-juice 1 l
1 bottle apple juice | ?
1 carton of orange juice | ?
100 g pear purée | pear-puree 100 g
1/2 cup raspberry puree | raspberry-puree 0.5 cup
a pinch of salt | sea-salt 0.3 ml
1 pinch sea salt | sea-salt 0.3 ml
2 pinches of salt | sea-salt 0.6 ml
1/2 tsp salt | sea-salt 0.5 tsp
½ tsp baking soda | baking-soda 0.5 tsp
a pinch of bicarb | baking-soda 0.3 ml
1 cinnamon stick | cinnamon 4 g
one cinnamon stick | cinnamon 4 g
2 cinnamon sticks, broken | cinnamon 8 g
4 cloves | clove 0.32 g
6 cardamom pods, crushed | cardamom 1.2 g
1 tsp cardamom | cardamom 1 tsp
10 juniper berries | juniper 1.5 g
5 black peppercorns | black-pepper 0.25 g
3 bay leaves | bay 0.6 g
1 star anise | star-anise 0.8 g
1 vanilla pod | vanilla 3 g
2 sprigs thyme | thyme 1.6 g
5 g thyme | thyme 5 g
a bunch of mint | ?
20 mint leaves | ?
10 g fresh mint | mint 10 g
10 elderflower heads | elderflower 80 g
60 g elderflowers | elderflower 60 g
1 l nettle tops | nettle 1 l
50 g dandelion petals | dandelion 50 g
10 g dried hibiscus | hibiscus-flower 10 g
2 tbsp hibiscus flowers | hibiscus-flower 2 tbsp
4 bags black tea | black-tea 8 g
8 g black tea | black-tea 8 g
2 tsp loose black tea | black-tea 2 tsp
60 g water kefir grains | kefir-grains 60 g
1/4 cup kefir grains | kefir-grains 0.25 cup
50 ml whey | whey 50 ml
3 tbsp fresh whey | whey 3 tbsp
1 g wine yeast | wine-yeast 1 g
1 sachet ale yeast | ?
¼ tsp bread yeast | bread-yeast 0.25 tsp
- 120 g sugar | white-sugar 120 g
• 3 tbsp honey | honey 3 tbsp
2 x 500 g plums | plum 1000 g
2 × 250 ml apple juice | apple-juice 500 ml
about 100 g sugar | white-sugar 100 g
approx. 2 tbsp honey | honey 2 tbsp
5 stones | ?
two handfuls of love | ?
`;

const cases = lines
  .trim()
  .split('\n')
  .map((line) => line.split(' | ') as [string, string]);

/** Grams or millilitres that a hand-written meaning comes to. */
function meant(text: string): Portion | null {
  if (text === '?') return null;
  const [what, amount, unit, form] = text.split(' ') as [string, string, string, Form | undefined];
  const count = Number(amount);
  if (unit in gramsPer) return { what, grams: count * gramsPer[unit as keyof typeof gramsPer] };
  const ml = count * millilitresPer[unit as keyof typeof millilitresPer];
  return isPoured(what) ? { what, ml } : { what, grams: ml * spoonGrams(what, form) };
}

const near = (a: number | undefined, b: number | undefined) =>
  a === undefined || b === undefined ? a === b : Math.abs(a - b) <= Math.max(0.06, 0.002 * b);

test('two hundred lines by hand: none is wrong in silence, and nearly all that can be known are', () => {
  expect(cases.length).toBeGreaterThanOrEqual(200);
  const read = cases.map(([line, meaning]) => ({
    line,
    meaning,
    wanted: meant(meaning),
    got: readLine(line),
  }));
  // Wrong in silence: an amount where something had to be asked, or another amount than was meant.
  const wrong = read.filter(
    ({ wanted, got }) =>
      got.portion !== null &&
      !(
        wanted !== null &&
        got.portion.what === wanted.what &&
        near(got.portion.grams, wanted.grams) &&
        near(got.portion.ml, wanted.ml)
      ),
  );
  expect(wrong.map(({ line, got }) => [line, got.portion])).toEqual([]);
  const asked = read.filter(({ wanted, got }) => wanted !== null && got.portion === null);
  expect(asked.map(({ line, got }) => [line, got.asks])).toEqual([]);
});

test('what must be asked is said, with the ingredient as far as it is known', () => {
  const asks = (line: string) => [readLine(line).asks, readLine(line).what];
  expect(asks('1 mug water')).toEqual(['unit', 'water']);
  expect(asks('2 heaped tbsp sugar')).toEqual(['how-much', 'white-sugar']);
  expect(asks('sugar to taste')).toEqual(['what', null]);
  expect(asks('sugar')).toEqual(['how-much', 'white-sugar']);
  expect(asks('1 firkin of dust')).toEqual(['what', null]);
  expect(asks('1 tsp turmeric')).toEqual(['which', null]);
  expect(asks('500 g pears or apples')).toEqual(['which', null]);
  expect(readLine('3 pears')).toMatchObject({ about: true, asks: null });
  expect(readLine('300 g pears')).toMatchObject({ about: false, asks: null });
  for (const line of ['', '   ', '|', '1/0 cup sugar', '<script>', '🍐', '9'.repeat(400)])
    expect(readLine(line).portion).toBeNull();
});

test('lines nobody wrote by hand are answered at once, and never with what is no amount', () => {
  const began = process.hrtime.bigint();
  for (const line of [
    '2 x '.repeat(3000),
    '2 x '.repeat(10_000),
    '('.repeat(100_000),
    '1 x 2 x 3 x 4 g salt',
    `${'9'.repeat(200)} g salt`,
    '1e309 kg sugar',
    '2 __proto__ sugar',
    'valueOf 3 g',
  ])
    expect([line.slice(0, 20), readLine(line).portion]).toEqual([line.slice(0, 20), null]);
  expect(Number(process.hrtime.bigint() - began) / 1e6).toBeLessThan(1000);
});
