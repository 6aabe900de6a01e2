import fc from 'fast-check';
import { contentsOf } from '../lots/begin';
import {
  gramsPerLitre,
  inventory,
  isSound,
  ladle,
  levelMl,
  liftOut,
  liquidMl,
  pourOff,
  solidGrams,
  together,
  totalGrams,
  without,
} from './contents';
import { ingredientIds, ingredientOf, ingredients } from './ingredients/registry';
import { gramsOfPortion, isPoured, mlOfPortion, portionContents, spoonGrams, type Portion } from './portion';
import { fermentableGrams, gramsIn, substances, sugarGrams, volumeOf } from './substances';

describe('the table of ingredients', () => {
  test('holds at least a hundred and eighty, of every family that is brewed with', () => {
    expect(ingredientIds.length).toBeGreaterThanOrEqual(180);
    const families = new Set(Object.values(ingredients).map(({ family }) => family));
    for (const family of [
      'sugar',
      'syrup',
      'fruit',
      'juice',
      'puree',
      'tea',
      'ginger',
      'citrus',
      'dairy',
      'mineral',
      'spice',
      'herb',
      'flower',
    ])
      expect(families).toContain(family);
  });

  test.each(ingredientIds)(
    '%s is a whole: parts add up, weights are possible, and a source is named',
    (id) => {
      const { composition, density, family, spooned, gives, soaks, source, typical } = ingredientOf(id);
      expect(gramsIn(composition)).toBeCloseTo(1, 9);
      expect(Math.min(...substances.map((key) => composition[key]))).toBeGreaterThanOrEqual(0);
      expect(density).toBeGreaterThan(0.3);
      expect(density).toBeLessThan(2.6);
      for (const weight of Object.values(spooned)) {
        expect(weight).toBeGreaterThan(0.03);
        expect(weight).toBeLessThanOrEqual(density * 1.06 + (family === 'fruit' ? 0.2 : 0));
      }
      expect(Object.keys(spooned).length).toBeGreaterThan(0);
      expect([gives >= 0 && gives <= 1, soaks >= 0 && soaks < 6]).toEqual([true, true]);
      expect(source.length).toBeGreaterThan(5);
      if (typical) expect(typical[0]).toBeLessThan(typical[1]);
    },
  );

  // Sugar by mass, percent, as composition tables have it.
  test.each([
    ['white-sugar', 99.9],
    ['honey', 79.5],
    ['maple-syrup', 66],
    ['molasses', 64],
    ['pear', 9.9],
    ['plum', 9.8],
    ['apple-juice', 10],
    ['raisin', 58.5],
    ['lemon-juice', 2.5],
    ['whey', 4.2],
    ['beetroot', 6.9],
    ['rhubarb', 0.8],
    ['dextrose', 91],
    ['brown-sugar', 96.9],
  ] as const)('%s is %d %% sugar', (id, percent) =>
    expect(sugarGrams(ingredientOf(id).composition) * 100).toBeCloseTo(percent, 1),
  );

  // A level tablespoon, grams.
  test.each([
    ['white-sugar', 12.75],
    ['honey', 21.3],
    ['brown-sugar', 13.95],
    ['ginger', 6.3],
    ['ground-ginger', 5.55],
    ['icing-sugar', 7.5],
    ['sea-salt', 18],
    ['cinnamon', 7.95],
    ['black-tea', 6],
  ] as const)('a tablespoon of %s weighs %d g', (id, grams) =>
    expect(gramsOfPortion({ what: id, ml: 15 })).toBeCloseTo(grams, 2),
  );

  test('what no table knows is half water and does not ferment', () => {
    const unknown = portionContents({ what: 'moonshine-dust', grams: 100 });
    expect(totalGrams(unknown)).toBeCloseTo(100, 9);
    expect(fermentableGrams(unknown.liquid)).toBe(0);
    expect(ingredientOf('moonshine-dust').name).toBe('Something else');
  });
});

describe('portions', () => {
  test('poured things go by volume, others by what a spoon of them weighs, in their form', () => {
    expect([
      isPoured('water'),
      isPoured('honey'),
      isPoured('white-sugar'),
      isPoured('raspberry-puree'),
    ]).toEqual([true, true, false, true]);
    expect(gramsOfPortion({ what: 'honey', ml: 100 })).toBeCloseTo(142, 6);
    expect(mlOfPortion({ what: 'honey', grams: 142 })).toBeCloseTo(100, 6);
    expect(spoonGrams('pear', 'pureed')).toBe(1.03);
    expect(spoonGrams('pear', 'powdered')).toBe(0.62);
  });

  test('fruit gives most of its juice when pureed, less when whole, and keeps the rest', () => {
    const sugar = (form: 'whole' | 'chopped' | 'pureed') =>
      fermentableGrams(portionContents({ what: 'plum', grams: 100, form }).liquid);
    expect(sugar('chopped')).toBeCloseTo(9.8 * 0.7, 6);
    expect(sugar('whole')).toBeCloseTo(9.8 * 0.5, 6);
    expect(sugar('pureed')).toBeCloseTo(9.8 * 0.95, 6);
  });

  test('100 g of sugar in a litre of water is 1.062 L at 94 g/L', () => {
    const syrup = contentsOf([
      { what: 'water', ml: 1000 },
      { what: 'white-sugar', grams: 100 },
    ]);
    expect(liquidMl(syrup) / 1000).toBeCloseTo(1.062, 3);
    expect(gramsPerLitre(syrup, fermentableGrams)).toBeCloseTo(94.1, 1);
  });
});

const portion: fc.Arbitrary<Portion> = fc.record({
  what: fc.constantFrom(...ingredientIds),
  grams: fc.double({ min: 0, max: 900, noNaN: true }),
});
const heap = fc.array(portion, { minLength: 1, maxLength: 6 }).map(contentsOf);
const same = (a: ReturnType<typeof contentsOf>, b: ReturnType<typeof contentsOf>) => {
  const [x, y] = [inventory(a), inventory(b)];
  for (const key of substances)
    expect(Math.abs(x[key] - y[key])).toBeLessThanOrEqual(1e-9 * Math.max(1, x[key]));
};

describe('mixing and parting conserve everything', () => {
  test('a portion weighs what it weighed', () => {
    fc.assert(
      fc.property(portion, (each) => expect(totalGrams(portionContents(each))).toBeCloseTo(each.grams!, 6)),
      { seed: 3 },
    );
  });

  test('the order of mixing does not matter', () => {
    fc.assert(
      fc.property(heap, heap, (a, b) => same(together(a, b), together(b, a))),
      { seed: 4 },
    );
  });

  test('what is poured off, ladled or lifted out, with what is left, is what was there', () => {
    fc.assert(
      fc.property(heap, fc.double({ min: 0, max: 2000, noNaN: true }), (all, ml) => {
        for (const part of [pourOff(all, ml), ladle(all, ml), liftOut(all, ml, 0.5)]) {
          const left = without(all, part);
          same(together(left, part), all);
          expect([isSound(left), isSound(part)]).toEqual([true, true]);
        }
      }),
      { seed: 5 },
    );
  });

  test('volumes add up', () => {
    fc.assert(
      fc.property(heap, heap, (a, b) =>
        expect(levelMl(together(a, b))).toBeCloseTo(levelMl(a) + levelMl(b), 6),
      ),
      { seed: 6 },
    );
  });

  test('a pour takes what was asked for, a ladle of solids its share', () => {
    const jar = contentsOf([
      { what: 'water', ml: 500 },
      { what: 'ginger', grams: 100 },
    ]);
    expect(liquidMl(pourOff(jar, 200))).toBeCloseTo(200, 9);
    expect(levelMl(ladle(jar, 300))).toBeCloseTo(300, 9);
    expect(solidGrams(liftOut(jar, 40, 0.5))).toBeCloseTo(40, 9);
    expect(volumeOf(liftOut(jar, 40, 0.5).liquid)).toBeCloseTo(20, 9);
    expect(liquidMl(pourOff(jar, 9999))).toBeCloseTo(liquidMl(jar), 9);
  });
});
