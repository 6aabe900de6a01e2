import { fedBug, TestKitchen } from '../kitchen.test-tool';
import { suppose, type Supposition } from './suppose';

describe('one thing supposed about a bottle of a family', () => {
  const kitchen = new TestKitchen(22);
  // Fed the evening before, so that it is at its peak.
  const bug = fedBug(kitchen, -181, -1, 2);
  const brew = kitchen.brew(-1, 160);
  kitchen.draw(0, bug, brew, 160);
  const [first] = kitchen.bottles(24, brew, 2);
  kitchen.at(40, { kind: 'observed', lotId: first!, signs: { squeeze: 'gives' } });
  const question = kitchen.question(brew, 44);
  const whole = kitchen.family(brew, 44);
  const lot = question.lots.find(({ lotId }) => lotId === first)!;
  const run = whole.runs[lot.run]!;
  const actual = whole.of(first!);
  const with_ = (supposition: Supposition, nowHour = 44.6) =>
    suppose({ question, lot, nowHour, supposition }, run);
  const fizzAt = (answer: { series: { fizz: readonly (readonly number[])[] } }, hour: number) =>
    answer.series.fizz[hour]![2]!;

  test('the dose it had is the forecast it has, to what sampling leaves', () => {
    const { answer } = with_({ kind: 'dosed', times: 1 });
    expect(answer.lotId).toBe(first);
    for (const hour of [30, 60, 90])
      expect(Math.abs(fizzAt(answer, hour) / fizzAt(actual, hour) - 1)).toBeLessThan(0.12);
  });

  test('half the dose is later by about a doubling of the cells, twice as much sooner', () => {
    const [half, same, double] = [0.5, 1, 2].map((times) =>
      with_({ kind: 'dosed', times }).answer.series.fizz.findIndex((five) => five[2] >= 1.5),
    ) as [number, number, number];
    // ln 2 over a growth of 0.3·0.56 an hour is 4 h while there is room to grow; the crowd narrows it.
    expect([half - same > 1.5, half - same < 12, same - double > 1.5, same - double < 12]).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(with_({ kind: 'dosed', times: 0.5 }).run.ferment.amountPerLitre).toBeCloseTo(
      run.ferment.amountPerLitre / 2,
      9,
    );
  });

  test('warmer and burped change what is to come, from the hour begun, and nothing before it', () => {
    const warm = with_({ kind: 'warmer', degrees: 3 });
    const again = with_({ kind: 'warmer', degrees: 0 });
    expect(warm.run.ferment.stages.at(-1)!.celsius).toBeCloseTo(25, 9);
    expect(warm.run.members).toHaveLength(48);
    expect(fizzAt(warm.answer, 44)).toBeCloseTo(fizzAt(again.answer, 44), 6);
    expect(fizzAt(warm.answer, 70) - fizzAt(again.answer, 70)).toBeGreaterThan(0.1);
    const burped = with_({ kind: 'burped', everyHours: 24 });
    expect(burped.run.ferment.stages.at(-1)!.ventEveryHours).toBe(24);
    expect(burped.answer.series.gauge[100]![2]).toBeLessThan(again.answer.series.gauge[100]![2]);
    expect(with_({ kind: 'warmer', degrees: 1 }, -5).answer.hours).toEqual(actual.hours);
  });
});
