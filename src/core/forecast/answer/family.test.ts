import { lotOf } from '../../journal/household';
import { cameFrom, isDrained, isLiving, wentTo } from '../../lots/lineage';
import { groundsOf } from './grounds';
import { TestKitchen, dawn, fedBug } from '../kitchen.test-tool';
import { hourMs } from '../../duration';

/** A bug, a brew pitched at hour 0, and bottles filled at hour 24. */
function soda(celsius = 22, count = 4) {
  const kitchen = new TestKitchen(celsius);
  const bug = fedBug(kitchen, -192, -1, 2);
  const brew = kitchen.brew(-1, 160);
  kitchen.draw(0, bug, brew, 160);
  return { kitchen, bug, brew, bottles: kitchen.bottles(24, brew, count) };
}

describe('one forecast for the family', () => {
  test('the jar runs once, bottles from its states; those of one history share a run', () => {
    const { kitchen, brew, bottles } = soda();
    const question = kitchen.question(bottles[2]!, 30);
    expect(question.rootId).toBe(brew);
    expect(question.family.branches.map(({ lots }) => lots.length)).toEqual([4]);
    const { runs, runOf, of } = kitchen.family(brew, 30);
    expect([runs.length, runOf[bottles[0]!], runOf[bottles[3]!], runOf[brew]]).toEqual([2, 1, 1, 0]);
    const bottle = of(bottles[0]!);
    expect(bottle.hours.slice(0, 25)).toEqual(of(brew).hours.slice(0, 25));
    expect(bottle.series.sweet[20]).toEqual(of(brew).series.sweet[20]);
    expect(bottle.sealedFromHour).toBe(24);
    expect(bottle.series.gauge[24]![2]).toBeLessThan(0.05);
    expect(bottle.series.gauge[60]![2]).toBeGreaterThan(1);
  });

  test('a squeeze of one bottle narrows its siblings', () => {
    const { kitchen, bottles } = soda();
    const width = () => {
      const five = kitchen.family(bottles[0]!, 50).of(bottles[2]!).series.fizz[60]!;
      return five[4] - five[0];
    };
    const before = width();
    kitchen.at(44, { kind: 'observed', lotId: bottles[1]!, signs: { squeeze: 'firm' } });
    kitchen.at(48, { kind: 'observed', lotId: bottles[1]!, signs: { squeeze: 'firm' } });
    expect(width()).toBeLessThan(before * 0.8);
  });

  test('chilling the first bottle leaves the forecast of the others standing', () => {
    const { kitchen, bottles } = soda();
    const before = kitchen.family(bottles[1]!, 40).of(bottles[1]!);
    kitchen.at(36, { kind: 'moved', lots: [bottles[0]!], place: 'fridge' });
    const after = kitchen.family(bottles[1]!, 40);
    expect(after.of(bottles[1]!).chill!.latest).toBeCloseTo(before.chill!.latest, 0);
    expect(after.of(bottles[0]!).series.fizz[100]![2]).toBeLessThan(
      after.of(bottles[1]!).series.fizz[100]![2] - 0.5,
    );
  });

  test('a jar bottled in two goes with two doses gives two histories, both forecast', () => {
    const { kitchen, brew } = soda(22, 2);
    const second = kitchen.bottles(40, brew, 1, 3);
    const { of } = kitchen.family(brew, 50);
    const sealed = [...wentTo(lotOf(kitchen.household, brew)!)].map(({ lotId }) => of(lotId!).sealedFromHour);
    expect(sealed).toEqual([24, 24, 40]);
    const dosed = of(second[0]!);
    const jarThen = of(brew).series.sweet[of(brew).hours.indexOf(40)]![2];
    const justAfter = dosed.series.sweet[dosed.hours.findIndex((hour) => hour > 40)]![2];
    expect(justAfter - jarThen).toBeGreaterThan(4);
    expect(justAfter - jarThen).toBeLessThan(6.3);
  });

  test('a burp takes the pressure down and hardly any gas', () => {
    const { kitchen, bottles } = soda();
    kitchen.at(44, { kind: 'vented', lots: [bottles[0]!], long: false });
    const { of } = kitchen.family(bottles[0]!, 50);
    const [burped, left] = [of(bottles[0]!), of(bottles[1]!)];
    const at = (hour: number) => left.hours.indexOf(hour);
    expect(burped.series.gauge[at(46)]![2]).toBeLessThan(left.series.gauge[at(46)]![2] - 0.15);
    expect(burped.series.fizz[at(46)]![2]).toBeGreaterThan(left.series.fizz[at(46)]![2] * 0.88);
  });

  test('sugar stirred into the jar in its first ferment sweetens it from then on', () => {
    const { kitchen, brew } = soda(22, 1);
    const before = kitchen.family(brew, 30).of(brew);
    kitchen.at(10, { kind: 'portions-added', lotId: brew, portions: [{ what: 'white-sugar', grams: 40 }] });
    const after = kitchen.family(brew, 30).of(brew);
    const rise = after.series.sweet[12]![2] - before.series.sweet[12]![2];
    expect(rise).toBeGreaterThan(14);
    expect(rise).toBeLessThan(21);
    expect(after.series.sweet[9]).toEqual(before.series.sweet[9]);
  });

  test('a dose from a tired jar is a slower one', () => {
    const fresh = soda().kitchen;
    const tired = new TestKitchen(22);
    const bug = fedBug(tired, -500, -250, 2);
    const brew = tired.brew(-1, 160);
    tired.draw(0, bug, brew, 160);
    const root = (kitchen: TestKitchen) =>
      kitchen.entries.find((entry) => entry.kind === 'lot-begun' && entry.role === 'brew')!.id;
    const [lively, flat] = [fresh.family(root(fresh), 20).answer, tired.family(brew, 20).answer];
    // Drawn a day after its feed it is past its peak, but lively still.
    expect(lively.doseLiveliness!.mean).toBeGreaterThan(0.55);
    expect(flat.doseLiveliness!.mean).toBeLessThan(0.3);
    expect(flat.lots[0]!.taste!.best).toBeGreaterThan(lively.lots[0]!.taste!.best * 1.2);
  });

  test('an unopened bottle forgotten for years ends its forecast, and is stepped for no more than a year', () => {
    const { kitchen, bottles } = soda(22, 1);
    const bottle = kitchen.family(bottles[0]!, 24 * 365 * 4).of(bottles[0]!);
    expect(bottle.hours.at(-1)!).toBeLessThanOrEqual(24 * 400 + 1);
    expect(bottle.hours.length).toBeLessThan(3000);
  });

  test('the same history asks the same question', () => {
    const { kitchen, bottles } = soda();
    expect(JSON.stringify(kitchen.question(bottles[0]!, 50))).toBe(
      JSON.stringify(kitchen.question(bottles[3]!, 51)),
    );
  });
});

describe('lineage', () => {
  test('says where a lot came from and what came of it, and when a jar holds only dregs', () => {
    const { kitchen, bug, brew, bottles } = soda();
    const lot = (id: string) => lotOf(kitchen.household, id)!;
    expect(cameFrom(lot(brew)).map(({ lotId, ml }) => [lotId, Math.round(ml)])).toEqual([[bug, 160]]);
    expect(wentTo(lot(brew)).map(({ lotId }) => lotId)).toEqual(bottles);
    expect(cameFrom(lot(bottles[0]!))[0]).toMatchObject({ lotId: brew });
    expect([isDrained(lot(brew)), isLiving(lot(brew)), isLiving(lot(bottles[0]!))]).toEqual([
      true,
      false,
      true,
    ]);
    kitchen.at(60, { kind: 'opened', lotId: bottles[0]!, how: 'lively' });
    expect(isLiving(lot(bottles[0]!))).toBe(false);
  });

  test('grounds name the entries an answer rests on, and what a few degrees would do', () => {
    const { kitchen, brew, bottles } = soda();
    kitchen.at(30, { kind: 'observed', lotId: bottles[0]!, signs: { squeeze: 'gives' } });
    const path = [lotOf(kitchen.household, brew)!, lotOf(kitchen.household, bottles[0]!)!];
    const grounds = groundsOf(
      'chill',
      path,
      kitchen.household,
      [{ id: 'x', at: dawn, place: 'counter', celsius: 22 }],
      dawn + 40 * hourMs,
    );
    expect(grounds.inputs.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['added', 'pitched', 'drawn-into', 'reading', 'temperature', 'vessel']),
    );
    for (const { entryId, code } of grounds.inputs)
      if (code !== 'vessel' && code !== 'temperature')
        expect(kitchen.entries.some(({ id }) => id === entryId)).toBe(true);
    expect([grounds.readings, grounds.warmer! < 0.85, grounds.colder! > 1.2]).toEqual([1, true, true]);
    expect(groundsOf('sugar', path, kitchen.household, [], dawn).warmer).toBeNull();
  });
});
