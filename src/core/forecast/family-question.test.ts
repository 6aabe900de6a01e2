import { knownCultures } from '../cultures/registry';
import { nominalMember } from '../ferment/member';
import { slots } from '../ferment/state';
import { lotOf } from '../journal/household';

import { membersOf, rootOf } from './family-members';
import { runFamily, type Family } from './family';
import { dawn, fedBug, TestKitchen, dosedHousehold } from './kitchen.test-tool';
import { seriesOf } from './quantiles';

describe('the question about a family', () => {
  const { kitchen, bug, brew, primed, plain } = dosedHousehold();
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
      members: 720,
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

  test('as many kitchens are asked with a reading as without, and fewer over months', () => {
    const unread = new TestKitchen(22);
    const jar = fedBug(unread, -192, -1, 2);
    const soda = unread.brew(-1, 150);
    unread.draw(0, jar, soda, 150);
    const [bottle] = unread.bottles(24, soda, 1) as [string];
    expect(unread.question(soda, 30).family.root.members).toBe(720);
    unread.at(40, { kind: 'observed', lotId: bottle, signs: { squeeze: 'firm' } });
    expect(unread.question(soda, 41).family.root.members).toBe(720);
    expect(unread.question(soda, 24 * 45).family.root.members).toBe(96);
  });

  test('a ferment followed for more than 40 days asks fewer kitchens, and by longer steps', () => {
    const at = (days: number) => kitchen.question(brew, 24 * days).family.root;
    expect([10, 20, 45, 90].map((days) => [at(days).members, at(days).stepHours])).toEqual([
      [720, 1],
      [720, 3],
      [96, 3],
      [96, 6],
    ]);
  });
});

describe('a family that is run', () => {
  const { kitchen, brew } = dosedHousehold();
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
