import { compositionOf } from '../recipes/recipe';
import { library } from '../recipes/library/registry';
import { bug, begunAlone, grainsJar } from '../starter/bug.test-tool';
import type { Method } from '../lots/records/method';
import { infusingOf, infusionSteps } from './infusing';
import { shortOfStarter } from './leftovers';
import { coolingMinutes, coolingOf, stepAt, stepsOf } from './steps';
import { stirredSince, tendingOf } from './tending';
import { hourMs, dayMs } from '../duration';
import { partOf } from '../part-of.test-tool';
import type { Lot } from '../lots/lot';

const water = { what: 'water', ml: 2400 };
const method: Method = library.find(({ id }) => id === 'quince-bay-ginger-beer')!.method;
const brewed = (
  recipe: object,
  portions: object[] = [
    water,
    { what: 'white-sugar', grams: 216 },
    { what: 'ginger', grams: 100, form: 'grated' },
  ],
  more: object = {},
) =>
  begunAlone({
    role: 'brew',
    culture: null,
    vessel: { kind: 'jar', ml: 4000 },
    closure: 'airlock',
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5, method, waterMl: 2500, heldMl: 0, ...recipe },
    portions,
    ...more,
  });
const ids = (recipe: object, from = partOf(undefined)) =>
  stepsOf({ lot: brewed(recipe), from, around: 21 }).map(({ id }) => id);

describe('the run of steps, made for a recipe and its schools', () => {
  const planned = { lotId: bug().id, ml: 200 };
  test('simmered, strained and pitched from a jar that is topped up after', () => {
    const steps = stepsOf({
      lot: brewed({ planned, later: [{ when: 'last', portion: { what: 'lemon-juice', ml: 40 } }] }),
      from: bug(),
      around: 21,
    });
    expect(steps.map(({ id }) => id)).toEqual([
      'water', 'clean', 'prepare', 'heat', 'steep', 'cool', 'strain', 'last', 'gravity', 'draw', 'pitch', 'cover', 'label', 'restart',
    ]); // prettier-ignore
    const of = (id: string) => steps.find((step) => step.id === id)!;
    expect([of('water').minutes, of('clean').minutes, of('heat').minutes, of('steep').minutes]).toEqual([
      15, 2, 12, 120,
    ]);
    expect(of('heat')).toMatchObject({ waterMl: 2500, heldMl: 0 });
    expect(of('last')).toMatchObject({ deed: 'add', portions: [{ what: 'lemon-juice', ml: 40 }] });
    expect(of('draw')).toMatchObject({ doseMl: 200, way: 'jar', minutes: null });
    expect(of('restart').portions.length).toBeGreaterThan(1);
    expect(of('restart').lotId).toBe(bug().id);
    expect(of('prepare').portions).toEqual([{ what: 'ginger', grams: 100, form: 'grated' }]);
  });
  test('the jar is fed after the draw as before it', () => {
    const came = {
      kind: 'came',
      from: bug().id,
      at: 1,
      entryId: 'x',
      index: 0,
      contents: bug().contents,
    } as const;
    const lot = brewed({ planned });
    const drawn = partOf<Lot>({ ...lot, events: [...lot.events, came] });
    const low = {
      ...bug(),
      contents: { ...bug().contents, liquid: { ...bug().contents.liquid, water: 180 } },
    };
    const restart = stepsOf({ lot: drawn, from: low, around: 21 }).find(({ id }) => id === 'restart')!;
    expect(restart.portions.map(({ what }) => what)).toEqual(['ginger', 'white-sugar', 'water']);
    expect(
      stepsOf({ lot: brewed({ planned: { lotId: bug().id, grams: 5 } }), from: bug(), around: 21 }).map(
        ({ id }) => id,
      ),
    ).not.toContain('restart');
  });
  test('cold all the way: nothing is heated or cooled, the solids stay in', () => {
    const cold = { ...method, heat: 'none', water: 'stood', strained: 'after' };
    expect(ids({ method: cold })).toEqual(['water', 'clean', 'prepare', 'mix', 'gravity', 'cover', 'label']);
    const stood = stepsOf({ lot: brewed({ method: cold }), from: undefined, around: 21 })[0]!;
    expect(stood).toMatchObject({ minutes: 1440, way: 'stood' });
    // Boiled water for a cold base must cool too.
    expect(ids({ method: { ...cold, water: 'boiled' } })).toContain('cool');
  });
  test('a packet is woken for half an hour and pitched as what it is', () => {
    const later = [{ when: 'last', portion: { what: 'ale-yeast', grams: 1.4 } }];
    const steps = stepsOf({ lot: brewed({ later }), from: undefined, around: 21 });
    expect(steps.find(({ id }) => id === 'draw')).toMatchObject({ way: 'packet', minutes: 30 });
    expect(steps.find(({ id }) => id === 'pitch')).toMatchObject({
      deed: 'pitch',
      portions: [{ what: 'ale-yeast', grams: 1.4 }],
    });
    expect(steps.map(({ id }) => id)).not.toContain('last');
  });
  test('schools: pulp left in, vinegar overnight, filtered water', () => {
    const steps = stepsOf({
      lot: brewed({ method: { ...method, strain: 'pulp-in', clean: 'vinegar', water: 'filtered' } }),
      from: undefined,
      around: 21,
    });
    expect(steps.find(({ id }) => id === 'strain')).toMatchObject({ way: 'pulp-in', deed: 'none' });
    expect(steps.find(({ id }) => id === 'clean')!.minutes).toBe(480);
    // The night in vinegar comes before all that is done in an hour.
    expect(steps.slice(0, 2).map(({ id, minutes }) => [id, minutes])).toEqual([
      ['clean', 480],
      ['water', null],
    ]);
  });
  test('a brew without a method is only pitched, covered and labelled', () => {
    expect(ids({ method: undefined, planned })).toEqual(['draw', 'pitch', 'cover', 'label']);
  });
  test('where one is: the first that was neither taken nor skipped', () => {
    const steps = stepsOf({ lot: brewed({}), from: undefined, around: 21 });
    expect(stepAt(steps, {})).toBe(0);
    expect(stepAt(steps, { steps: { water: { done: true, at: 1 }, clean: { done: false, at: 2 } } })).toBe(2);
    const all = Object.fromEntries(steps.map(({ id }) => [id, { done: true, at: 1 }]));
    expect(stepAt(steps, { steps: all })).toBe(steps.length);
  });
});

describe('cooling, against Newton’s law by hand', () => {
  test('a lidded 2.5 L pot after two hours’ steep', () => {
    // τ = 1.67 h · ∛2.5 = 2.267 h. After 2 h: 21 + 74 · e^(−2/2.267) = 51.6 °C; from there to 30 °C: τ · ln(30.6/9) = 2.78 h.
    const cooling = coolingOf(brewed({}), 21)!;
    const tau = 1.67 * Math.cbrt(2.5);
    const steeped = 21 + 74 * Math.exp(-2 / tau);
    expect(cooling.from).toBeCloseTo(steeped, 6);
    expect(coolingMinutes(cooling, 21)! / (tau * Math.log((steeped - 21) / 9) * 60)).toBeCloseTo(1, 2);
    expect(coolingMinutes(cooling, 21)).toBe(167);
  });
  test('half of the water held back cold mixes first', () => {
    const held = coolingOf(
      brewed({ heldMl: 1250, method: { ...method, cool: 'cold-water', steepHours: 0 } }),
      21,
    )!;
    expect(held.from).toBeCloseTo((95 + 14) / 2, 6);
    expect(held.way).toBe('lidded');
  });
  test('an ice bath takes minutes, and a hot kitchen never gets there with the lid on', () => {
    const ice = coolingOf(brewed({ method: { ...method, cool: 'ice-bath', steepHours: 0 } }), 21)!;
    // τ = 0.24 h · ∛2.5 = 0.326 h; ln(93/28) of it: 23.5 min.
    expect(coolingMinutes(ice, 21)).toBe(23);
    expect(coolingMinutes({ litres: 2.5, way: 'lidded', from: 95 }, 31)).toBeNull();
    expect(coolingOf(brewed({ method: { ...method, heat: 'none', water: 'stood' } }), 21)).toBeNull();
  });
});

describe('what a starter on hand is short of', () => {
  const plum = library.find(({ id }) => id === 'plum-fig-leaf')!;
  const at = { now: bug().begunAt + 8 * dayMs, celsius: 22 };
  test('a jar that gives enough is short of nothing', () => {
    expect(shortOfStarter(compositionOf(plum, 2000, true), bug(), at)).toBeNull();
  });
  test('a third jar’s worth: what it is enough for, what is left, when that could start', () => {
    // The bug gives 255 of the 450 ml that 6 L want: enough for 3.4 L.
    const short = shortOfStarter(compositionOf(plum, 6000, true), bug(), at)!;
    expect(short).toMatchObject({ wants: 450, thinly: { usual: false } });
    expect(short.enoughForMl).toBeCloseTo((6000 * short.gives) / 450, 6);
    expect(short.leftMl).toBeCloseTo(6000 - short.enoughForMl, 6);
    expect(short.thinly.share).toBeCloseTo(short.gives / 6000, 9);
    // Topped up after the draw it gives the missing 195 ml again; it rests a day before.
    expect((short.restAt! - at.now) / hourMs).toBe(24);
    // 4.5 L want 337 ml: 255 of them are 5.7 %, thin but usual.
    expect(shortOfStarter(compositionOf(plum, 4500, true), bug(), at)!.thinly.usual).toBe(true);
    // Exactly what it gives is enough, and half a millilitre more is nobody's business.
    const exact = { ...compositionOf(plum, 3400, true), dose: short.gives };
    expect(shortOfStarter(exact, bug(), at)).toBeNull();
    expect(shortOfStarter({ ...exact, dose: short.gives + 0.6 }, bug(), at)).not.toBeNull();
  });
});

test('grains that are too few: 60 g are enough for 1.09 L at 55 g/L; all of 1.4 L would be thin but usual', () => {
  const recipe = library.find(({ id }) => id === 'lime-leaf-ginger-grains')!;
  const { lot } = grainsJar();
  const at = { now: lot.begunAt + dayMs, celsius: 22 };
  expect(shortOfStarter(compositionOf(recipe, 1000, true), lot, at, true)).toBeNull();
  const short = shortOfStarter(compositionOf(recipe, 1400, true), lot, at, true)!;
  expect(short).toMatchObject({ byGrams: true, gives: expect.closeTo(60, 6), wants: 77 });
  expect(short.enoughForMl).toBeCloseTo((60 / 55) * 1000, 6);
  expect(short.thinly).toEqual({ share: expect.closeTo(60 / 1.4, 6), usual: true });
  expect(shortOfStarter(compositionOf(recipe, 2000, true), lot, at, true)!.thinly.usual).toBe(false);
});

describe('a first ferment’s days', () => {
  const inJar = (
    more: object,
    portions = [
      { what: 'water', ml: 2000 },
      { what: 'pineapple-rind', grams: 500 },
      { what: 'cane-sugar', grams: 120 },
    ],
  ) => tendingOf(brewed({ method: undefined }, portions, more));
  test('peel is stirred twice and kept under, fruit on a starter once, a clear one left alone', () => {
    expect(inJar({ culture: 'peel', closure: 'cloth' })).toEqual({
      stirs: 2,
      ventEveryHours: null,
      keepUnder: true,
      lookForFilm: true,
    });
    expect(inJar({ culture: null, closure: 'loose-lid' })).toEqual({
      stirs: 1,
      ventEveryHours: 24,
      keepUnder: true,
      lookForFilm: true,
    });
    const clear = partOf([
      { what: 'water', ml: 2000 },
      { what: 'white-sugar', grams: 120 },
    ]);
    expect(inJar({ closure: 'airlock' }, clear)).toEqual({
      stirs: 0,
      ventEveryHours: null,
      keepUnder: false,
      lookForFilm: false,
    });
    expect(inJar({ closure: 'sealed' }, clear).ventEveryHours).toBe(24);
  });
  test('stirs since midnight, and the last one', () => {
    const lot = partOf<Lot>({
      ...brewed({}),
      events: [
        { kind: 'stirred', at: 5, entryId: 'a' },
        { kind: 'stirred', at: 20, entryId: 'b' },
      ],
    });
    expect(stirredSince(lot, 10)).toEqual({ times: 1, last: 20 });
    expect(stirredSince(brewed({}), 0)).toEqual({ times: 0, last: null });
  });
});

describe('an infusion', () => {
  const thyme = { what: 'thyme', grams: 7 };
  const recipe = brewed({
    later: [{ when: 'infusion', portion: thyme }],
    method: { ...method, infusion: { cold: false, hours: [8, 20] } },
  }).recipe;
  const stands = (steps?: object) => infusingOf(partOf<Lot>({ recipe, ...(steps ? { steps } : {}) }));
  test('is to come, steeps between its hours, and ends', () => {
    expect(stands()).toEqual({ stage: 'to-come', portions: [thyme], cold: false, hours: [8, 20] });
    const begun = { [infusionSteps.begun]: { done: true, at: 1000 } };
    expect(stands(begun)).toMatchObject({
      stage: 'steeping',
      from: 1000 + 8 * hourMs,
      until: 1000 + 20 * hourMs,
    });
    expect(stands({ ...begun, [infusionSteps.ended]: { done: true, at: 9 } })).toEqual({
      stage: 'over',
      at: 9,
    });
    expect(stands({ [infusionSteps.begun]: { done: false, at: 7 } })).toEqual({ stage: 'over', at: 7 });
  });
  test('without one there is none; without hours said it is cold, 12 to 36', () => {
    expect(infusingOf({ recipe: null })).toBeNull();
    expect(
      infusingOf(brewed({ method: undefined, later: [{ when: 'infusion', portion: thyme }] })),
    ).toMatchObject({ cold: true, hours: [12, 36] });
  });
});
