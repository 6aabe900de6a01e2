import type { Entry } from '../journal/entry';
import { canAdd, canTake } from '../lots/checks';
import { bottlesOf, usualHeadspaceMl } from '../bottling/fill-plan';
import { planDraw, mostDrawableMl } from './draw-plan';
import { usualFeed } from './feed-plan';
import { mendOf, percentagesOf, sugarOfPortions } from './percentages';
import { firstKind } from '../cultures/registry';
import { dawn, id, bug } from './bug.test-tool';

describe('a starter’s amounts', () => {
  test('two fifths of the mark stay; the largest draw is named', () => {
    expect(bug().markMl).toBe(432);
    expect(mostDrawableMl(bug())).toBe(255);
    expect(planDraw(bug(), 255)).toMatchObject({ ok: true, value: { drawMl: 255 } });
    expect(planDraw(bug(), 256)).toMatchObject({
      ok: false,
      code: 'draw.too-large',
      params: { most: 255 },
    });
    expect(planDraw(bug(), 4.9)).toMatchObject({ code: 'draw.nothing' });
  });

  test('the usual feed is 3 % of the mark each, and water up to the mark after a draw', () => {
    expect(usualFeed(bug())).toEqual([
      { what: 'ginger', grams: 13 },
      { what: 'white-sugar', grams: 13 },
    ]);
    expect(usualFeed(bug(), 232)).toEqual([
      { what: 'ginger', grams: 13 },
      { what: 'white-sugar', grams: 13 },
      { what: 'water', ml: 195 },
    ]);
  });

  test('a jar fed otherwise is fed that way again', () => {
    const fed: Entry = {
      id: id(9),
      at: dawn + 9,
      offset: 0,
      version: 2,
      kind: 'portions-added',
      lotId: id(0),
      portions: [
        { what: 'galangal', grams: 10, form: 'sliced' },
        { what: 'cane-sugar', grams: 10 },
      ],
    };
    expect(usualFeed(bug([fed])).map(({ what }) => what)).toEqual(['galangal', 'cane-sugar']);
  });

  test('spoons make the percentages they make, and thin or rich is said', () => {
    const share = percentagesOf(
      [
        { what: 'water', grams: 400 },
        { what: 'ginger', grams: 20 },
        { what: 'white-sugar', grams: 12 },
      ],
      firstKind.keeping,
    );
    expect([share.body, share.sweetener]).toEqual([5, 3]);
    expect(share.notes).toEqual(['3.0 % sweetener is thin: 4–6 % would be 16–24 g.']);
    expect(percentagesOf([{ what: 'honey', grams: 20 }], firstKind.keeping)).toMatchObject({
      body: 0,
      sweetener: 0,
      notes: [expect.stringContaining('no water')],
    });
    expect(
      sugarOfPortions([
        { what: 'honey', grams: 100 },
        { what: 'pear', grams: 100 },
      ]),
    ).toBeCloseTo(79.5 + 9.9, 6);
  });

  test('a cup of water and a spoon of honey meant to be 18 %: 9 % really, twice the honey mends it', () => {
    // A cup is 237 g, a tablespoon of honey 21 g: 8.9 %. 18 % of 237 are 42.7 g.
    const cup = { what: 'water', grams: 237 };
    const mend = mendOf([cup, { what: 'honey', grams: 21 }], 18)!;
    expect(mend.really).toBeCloseTo(8.86, 2);
    expect(mend).toMatchObject({ what: 'honey', grams: 43, change: 22 });
    // Two sweeteners: the last one is changed.
    expect(mendOf([cup, { what: 'white-sugar', grams: 10 }, { what: 'honey', grams: 7 }], 18)).toMatchObject({
      what: 'honey',
      grams: 33,
      change: 26,
    });
    expect(mendOf([cup, { what: 'honey', grams: 60 }], 18)).toMatchObject({ grams: 43, change: -17 });
    // Within a sixth they agree: 15 to 21 %.
    expect(mendOf([cup, { what: 'honey', grams: 36 }], 18)).toBeNull();
    expect(mendOf([cup, { what: 'honey', grams: 35 }], 18)).not.toBeNull();
    expect([
      mendOf([cup], 18),
      mendOf([{ what: 'honey', grams: 9 }], 18),
      mendOf([cup, { what: 'honey', grams: 9 }], 0),
    ]).toEqual([null, null, null]);
  });

  test('a jar takes no kilo and a half of sugar, no feed of nothing, and not more than it holds', () => {
    expect(canAdd(bug(), [{ what: 'white-sugar', grams: 1500 }])).toMatchObject({ ok: false });
    expect(canAdd(bug(), [{ what: 'white-sugar', grams: 0 }])).toMatchObject({ code: 'add.nothing' });
    expect(canAdd(bug(), [{ what: 'water', ml: 400 }])).toMatchObject({
      code: 'add.over-rim',
      params: { most: 675 },
    });
    expect(canAdd(bug(), [{ what: 'water', ml: 200 }])).toMatchObject({ ok: true });
    expect(canTake(bug(), 600)).toMatchObject({ code: 'take.too-much' });
    expect(canTake(bug(), 0)).toMatchObject({ code: 'take.nothing' });
  });

  test('bottles filled, and what is over', () => {
    expect(bottlesOf(2000, 500, 20)).toEqual({ bottles: 4, leftMl: 80 });
    expect(bottlesOf(1920, 500, 20)).toEqual({ bottles: 4, leftMl: 0 });
    expect([usualHeadspaceMl(500), usualHeadspaceMl(750), usualHeadspaceMl(330)]).toEqual([20, 30, 15]);
  });
});
