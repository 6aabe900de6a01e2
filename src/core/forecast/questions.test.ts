import { learn } from './lessons';
import { knownCultures } from '../cultures/registry';
import { nominalMember } from '../ferment/member';
import { slots } from '../ferment/state';
import { lotOf } from '../journal/household';
import { liquidMl } from '../matter/contents';
import { membersOf, rootOf } from './family-members';
import { runFamily, type Family } from './family';
import { groundsOf } from './grounds';
import { dawn, fedBug, hourMs, TestKitchen } from './kitchen.test-tool';
import { seriesOf } from './quantiles';
import { paceAt, starterQuestion } from './starter-question';

/** A bug, a brew dosed from it at hour 0, two bottles at 24 h with a priming, two without at 30 h, looks on the way. */
function household() {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -96, -1);
  const brew = kitchen.brew(-2, 160);
  kitchen.draw(0, bug, brew, 150);
  kitchen.at(10, { kind: 'measured', lotId: brew, quantity: 'sg', value: 1.033 });
  const primed = kitchen.bottles(24, brew, 2, 4);
  const plain = kitchen.bottles(30, brew, 1);
  kitchen.at(36, { kind: 'observed', lotId: primed[1]!, signs: { squeeze: 'gives' } });
  kitchen.at(40, { kind: 'moved', lots: [primed[0]!], place: 'fridge' });
  return { kitchen, bug, brew, primed, plain };
}

describe('the question about a family', () => {
  const { kitchen, bug, brew, primed, plain } = household();
  const question = kitchen.question(brew, 44);
  const { root, branches } = question.family;

  test('begins at the pitching, with what was in the jar by then, g a litre', () => {
    expect([question.rootId, question.start]).toEqual([brew, dawn]);
    // 1,800 ml of water, 160 g of sugar, a dose of 150 ml that still holds 12 g/L.
    const litres = (1800 * 0.99979 + 159.84 * 0.62 + 0.16 + 150) / 1000;
    expect(root.liquidLitres).toBeCloseTo(litres, 3);
    expect(root.sugars.sucrose).toBeCloseTo((159.84 + 1.8) / litres, 1);
    expect(root.amountPerLitre).toBeCloseTo(150 / litres, 1);
    expect(root).toMatchObject({
      base: 'ginger-tea',
      culture: { id: 'ginger-bug' },
      vigour: 1,
      vigourSpread: 0.3,
      co2Volumes: 0.05,
      kept: null,
      members: 480,
      seed: 7,
      stepHours: 1,
      longSteps: true,
    });
    expect(root.readings).toEqual([{ kind: 'sg', value: 1.033, hour: 10 }]);
    // The base's own acids are not counted twice.
    expect([root.citric, root.malic]).toEqual([0, 0]);
  });

  test('the jar’s stages end where its bottles left it; its liquid falls with each draw', () => {
    expect(root.stages.map(({ hours, vessel }) => [Number(hours.toFixed(2)), vessel]).slice(0, 3)).toEqual([
      [10, 'airlock'],
      [14, 'airlock'],
      [6, 'airlock'],
    ]);
    const litres = root.stages.map(({ liquidMl: ml }) => Math.round(ml!));
    expect(litres[0]! - litres[2]!).toBe(960);
    expect(litres[2]! - litres[3]!).toBe(480);
  });

  test('a branch for each history: bottles alike share one, a chilled or squeezed one has its own', () => {
    expect(branches.map(({ lots, parent, fromHour }) => [lots, parent, fromHour])).toEqual([
      [[primed[0]], -1, 24],
      [[primed[1]], -1, 24],
      [plain, -1, 30],
    ]);
    const [chilled, squeezed, third] = branches;
    // 4 g of sugar in 480 ml: 2.5 ml of 482.5.
    expect(chilled!.liquidLitres).toBeCloseTo(0.4825, 4);
    expect(chilled!.stages[0]!.inflows![0]!.share).toBeCloseTo(2.48 / 482.5, 4);
    expect(third!.stages[0]!.inflows).toBeUndefined();
    expect(chilled!.stages.map(({ hours, celsius }) => [hours, celsius]).slice(0, 3)).toEqual([
      [16, 22],
      [3, 13],
      [expect.any(Number), 4],
    ]);
    expect(chilled!.stages[0]).toMatchObject({ vessel: 'sealed', headspaceMl: 17.5 });
    expect(squeezed!.readings).toEqual([{ kind: 'squeeze', value: 'gives', hour: 36 }]);
    expect(third!.readings).toEqual([]);
  });

  test('each lot is asked by its own run, limit and sealing', () => {
    expect(
      question.lots.map(({ lotId, run, limitBar, sealedFromHour }) => [lotId, run, limitBar, sealedFromHour]),
    ).toEqual([
      [brew, 0, null, null],
      [primed[0], 1, 2.8, 24],
      [primed[1], 2, 2.8, 24],
      [plain[0], 3, 2.8, 30],
    ]);
    for (const { wantedVolumes, wantedSweetness } of question.lots) {
      expect(wantedVolumes).toBe(2.5);
      expect(wantedSweetness).toBeCloseTo(root.sugars.sucrose * 0.66 + 2.5 * 4.0, 0);
    }
  });

  test('the jar it was dosed from is asked as it was at that hour', () => {
    expect(question.drawn).toMatchObject({ settledMass: 5.3, atHour: 96 });
    expect(question.drawn!.ferment.stages.reduce((sum, { hours }) => sum + hours, 0)).toBeGreaterThanOrEqual(
      96,
    );
    expect(lotOf(kitchen.household, bug)!.events.at(-1)).toMatchObject({ kind: 'went', to: brew });
  });

  test('roots and members are found from any of them', () => {
    const { household: told } = kitchen;
    const find = (id: string) => lotOf(told, id);
    expect(rootOf(find(primed[1]!)!, find).id).toBe(brew);
    expect(rootOf(find(brew)!, find).id).toBe(brew);
    expect(membersOf(find(brew)!, find, knownCultures).map(({ id }) => id)).toEqual([...primed, ...plain]);
  });

  test('without a reading more kitchens are asked than with one, on whichever lot it was', () => {
    const unread = new TestKitchen(22);
    const jar = fedBug(unread, -192, -1, 2);
    const soda = unread.brew(-1, 150);
    unread.draw(0, jar, soda, 150);
    const [bottle] = unread.bottles(24, soda, 1) as [string];
    expect(unread.question(soda, 30).family.root.members).toBe(720);
    unread.at(40, { kind: 'observed', lotId: bottle, signs: { squeeze: 'firm' } });
    expect(unread.question(soda, 41).family.root.members).toBe(480);
    expect(unread.question(soda, 24 * 45).family.root.members).toBe(96);
  });

  test('a ferment followed for more than 40 days asks fewer kitchens, and by longer steps', () => {
    const at = (days: number) => kitchen.question(brew, 24 * days).family.root;
    expect([10, 20, 45, 90].map((days) => [at(days).members, at(days).stepHours])).toEqual([
      [480, 1],
      [480, 3],
      [96, 3],
      [96, 6],
    ]);
  });
});

describe('the question about a jar', () => {
  const { kitchen, bug } = household();
  const ask = (now: number, more: Partial<Parameters<typeof starterQuestion>[0]> = {}) => {
    const { household: told } = kitchen;
    return starterQuestion({
      lot: lotOf(told, bug)!,
      warmths: told.warmths,
      learned: {
        ...learn([], { culture: 'ginger-bug', starter: null, now: 0, kindSpread: 0.28 }),
        vigour: 1.1,
        spread: 0.2,
      },
      now: dawn + now * hourMs,
      aheadHours: 48,
      ...more,
    });
  };

  test('follows it from its beginning: feeds, draws and the temperatures it lived', () => {
    const question = ask(5)!;
    expect(question).toMatchObject({
      lotId: bug,
      start: dawn - 96 * hourMs,
      settledMass: expect.closeTo(5.3, 9),
      nowHour: 101,
      fedHour: 72,
      drawnHour: 96,
      restHours: 24,
    });
    expect(question.feedEveryHours).toBeCloseTo(24, 6);
    const { ferment } = question;
    expect(ferment.stages.reduce((sum, { hours }) => sum + hours, 0)).toBeCloseTo(102 + 48, 6);
    expect(ferment).toMatchObject({
      vigour: 1.1,
      vigourSpread: 0.2,
      members: 64,
      stepHours: 2,
      base: 'raw-ginger',
      amountPerLitre: 0,
    });
    expect(ferment.kept).toMatchObject({ starving: 0.092, airing: 0.03, settled: null, lagWork: 2.4 });
    expect(ferment.kept!.yeastCapacity).toBeCloseTo(5 * 1.06, 9);
    expect(ferment.kept!.lacticCapacity).toBeCloseTo(0.3 * 1.1, 9);
    expect(ferment.kept!.fresh).toEqual({ yeast: 6e-4, lactics: 3e-4, acetics: 0 });
    // 25 g of sugar and a little of the ginger's own in half a litre.
    expect(ferment.sugars.sucrose).toBeCloseTo(24.975 / ferment.liquidLitres, 0);
  });

  test('is of no lot that is not kept, and of none before it was begun', () => {
    expect(ask(-97)).toBeNull();
    const { household: told } = kitchen;
    expect(ask(5, { lot: { ...lotOf(told, bug)!, role: 'brew' } })).toBeNull();
    expect(ask(5, { lot: { ...lotOf(told, bug)!, culture: 'ale-yeast' } })).toBeNull();
    expect(ask(5, { lot: { ...lotOf(told, bug)!, events: [] } })).toBeNull();
  });

  test('what lies further back than eighteen days shows only in how it stands', () => {
    const question = ask(24 * 30)!;
    expect(question.start).toBe(dawn - 24 * hourMs);
    expect(question.ferment.kept!.settled).toEqual({
      yeast: 5,
      lactics: 0.3,
      acetics: 0,
      ready: 1.5,
      ethanol: 8,
      lactic: 2,
    });
    expect(question.ferment.stepHours).toBe(2);
    expect(ask(24 * 60)!.ferment.stepHours).toBe(6);
  });

  test('a closure lets its own share of the alcohol go', () => {
    const { household: told } = kitchen;
    const lot = lotOf(told, bug)!;
    expect(
      (['cloth', 'loose-lid', 'airlock', 'sealed'] as const).map(
        (closure) => ask(5, { lot: { ...lot, closure } })!.ferment.kept!.airing,
      ),
    ).toEqual([0.03, 0.012, 0.002, 0]);
  });

  test('pace against 22 °C: half again as slow at 18, a third faster at 25, crawling in the fridge', () => {
    expect([paceAt(22), paceAt(18), paceAt(25)].map((pace) => Number(pace.toFixed(3)))).toEqual([
      1, 0.672, 1.259,
    ]);
    expect(paceAt(4)).toBeCloseTo(0.036 / (8000 / 14336), 6);
    expect(paceAt(44)).toBe(0.01);
  });

  test('grains hold their cells whatever the water; a renewal meets them all', () => {
    const shelf = new TestKitchen(22);
    const grains = shelf.jar(0, 'water-kefir-grains', [
      { what: 'water', ml: 800 },
      { what: 'kefir-grains', grams: 60 },
      { what: 'white-sugar', grams: 50 },
    ]);
    shelf.at(36, { kind: 'transferred', from: grains, taken: 'liquid', targets: [{ ml: 700 }] });
    shelf.at(36.2, {
      kind: 'portions-added',
      lotId: grains,
      portions: [
        { what: 'water', ml: 700 },
        { what: 'white-sugar', grams: 45 },
      ],
    });
    const lot = lotOf(shelf.household, grains)!;
    const question = starterQuestion({
      lot,
      warmths: shelf.household.warmths,
      learned: null,
      now: dawn + 40 * hourMs,
      aheadHours: 24,
    })!;
    const { kept, stages } = question.ferment;
    // 60 g in about 831 ml: 72 g/L crowd to 50·(72/50)^0.55.
    const dose = 50 * (60 / question.ferment.liquidLitres / 50) ** 0.55;
    expect(kept!.fresh.yeast).toBeCloseTo(0.0084 * dose, 3);
    expect(kept!.lagWork).toBe(0.7);
    const renewal = stages.find(({ inflows }) => inflows?.length)!.inflows![0]!;
    expect(renewal.yeast).toBeGreaterThan(0.0084 * 50);
    expect(renewal.sucrose).toBeCloseTo(44.955 / ((700 * 0.99979 + 44.955 * 0.62) / 1000), 0);
    expect(question.fedHour).toBeCloseTo(36.2, 6);
    expect(liquidMl(lot.contents)).toBeGreaterThan(800);
  });
});

describe('a family that is run', () => {
  const { kitchen, brew } = household();
  const { family } = kitchen.question(brew, 44);
  const cut: Family = { ...family, root: { ...family.root, members: 1 } };
  const runs = runFamily(cut, [nominalMember]);

  test('a run for the jar and one for each branch, sharing the past to the last digit', () => {
    expect(runs).toHaveLength(1 + cut.branches.length);
    const [jar, ...bottles] = runs;
    bottles.forEach((run, index) => {
      const { fromHour } = cut.branches[index]!;
      const rows = run.hours.indexOf(fromHour) + 1;
      expect(run.hours.slice(0, rows)).toEqual(jar!.hours.slice(0, rows));
      expect([...run.rows.slice(0, rows * slots.ROW_SIZE)]).toEqual([
        ...jar!.rows.slice(0, rows * slots.ROW_SIZE),
      ]);
      expect([...run.celsius.slice(0, rows)]).toEqual([...jar!.celsius.slice(0, rows)]);
      expect(run.ferment.liquidLitres).toBe(cut.branches[index]!.liquidLitres);
    });
  });

  test('priming sweetens the bottle it goes into, chilling stops it, the plain one goes on', () => {
    const sweet = runs.map((run) => seriesOf(run, 'sugarGramsPerLitre'));
    const at = (index: number, hour: number) => sweet[index]![runs[index]!.hours.indexOf(hour)]![2];
    // 4 g in 0.4825 L is 8.3 g/L over what the jar held.
    expect(at(2, 25) - at(0, 25)).toBeCloseTo(8.3, 0);
    expect(at(1, 24)).toBe(at(0, 24));
    expect(at(1, 48) - at(1, 150)).toBeLessThan((at(2, 48) - at(2, 150)) / 5);
  });

  test('a stage that the draw cuts is cut there, and keeps its own litres', () => {
    const past = runs[3]!.ferment.stages;
    expect(past.map(({ hours }) => Number(hours.toFixed(2))).slice(0, 4)).toEqual([
      10,
      14,
      6,
      expect.any(Number),
    ]);
    expect(past[0]!.liquidMl).toBeCloseTo(cut.root.liquidLitres * 1000, 6);
    expect(past[3]!.vessel).toBe('sealed');
  });
});

describe('grounds', () => {
  const { kitchen, brew, primed } = household();
  const told = kitchen.household;
  const path = [lotOf(told, brew)!, lotOf(told, primed[1]!)!];
  const words = [
    { id: 't1', at: dawn - hourMs, place: 'counter' as const, celsius: 22 },
    { id: 't2', at: dawn - 99 * hourMs, place: 'counter' as const, celsius: 19 },
    { id: 't3', at: dawn, place: 'fridge' as const, celsius: 5 },
  ];
  const grounds = (topic: Parameters<typeof groundsOf>[0]) =>
    groundsOf(topic, path, told, words, dawn + 44 * hourMs);

  test('every input with the entry it came from, in order; of the jar only what came before', () => {
    expect(
      grounds('chill').inputs.map(({ code, entryId }) => [code, entryId === null ? null : entryId.slice(-4)]),
    ).toEqual([
      ['added', 'kitc'],
      ['temperature', 't1'],
      ['pitched', 'kitc'],
      ['reading', 'kitc'],
      ['drawn-into', 'kitc'],
      ['pitched', 'kitc'],
      ['added', 'kitc'],
      ['vessel', null],
      ['reading', 'kitc'],
    ]);
    expect(grounds('chill').readings).toBe(2);
    expect(grounds('chill').inputs.find(({ code }) => code === 'vessel')!.values).toEqual({
      kind: 'swing-top',
      ml: 500,
    });
  });

  test('three degrees warmer and colder, by the yeast’s own pace; an account asks no temperature', () => {
    const { warmer, colder } = grounds('chill');
    expect(warmer).toBeCloseTo(1 / 1.259, 3);
    expect(colder).toBeCloseTo(8000 / 14336 / ((-23 * 17 * 17) / (32 * (32 * -15 + 8 * -2))), 6);
    expect(grounds('sugar')).toMatchObject({ warmer: null, colder: null });
    expect(grounds('sugar').inputs.some(({ code }) => code === 'temperature')).toBe(false);
  });
});
