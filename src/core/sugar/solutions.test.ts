import { abvByMassBalance, abvByRule131, abvByRule7_5, abvOfEthanol } from './alcohol';
import { gravityOf } from './ferment-gravity';
import { brixOfGravity, dissolve, gravityOfBrix, sugarOfGravity } from './sucrose-solution';
import { carbonIn, co2PerSucrose, ethanolPerSucrose, hexosePerSucrose } from './yields';

describe('sucrose solutions', () => {
  // Specific gravity 20/20 of sucrose solutions, NBS Circular 440 (Bates 1942), table 114.
  test.each([
    [0, 1.0],
    [5, 1.01968],
    [10, 1.03998],
    [15, 1.06104],
    [20, 1.08287],
    [25, 1.10551],
    [30, 1.12898],
  ])('%d °Brix has the tabled gravity', (brix, gravity) => {
    expect(Math.abs(gravityOfBrix(brix) - gravity)).toBeLessThan(0.0005);
    expect(brixOfGravity(gravityOfBrix(brix))).toBeCloseTo(brix, 4);
  });

  test('100 g in a litre of water is 94 g/L, not 100', () => {
    const { gramsPerLitre, litres, gravity } = dissolve(100, 1000);
    expect(gramsPerLitre).toBeCloseTo(94.1, 0);
    expect(litres).toBeCloseTo(1.062, 2);
    expect(gravity).toBeCloseTo(1.036, 3);
    expect(sugarOfGravity(gravity)).toBeCloseTo(gramsPerLitre, 2);
  });

  test('water is needed to dissolve anything', () => expect(() => dissolve(10, 0)).toThrow(RangeError));

  test('gravity of a mixture agrees with sugar alone, and alcohol lightens it', () => {
    const { gramsPerLitre, gravity } = dissolve(100, 1000);
    expect(gravityOf({ sugar: gramsPerLitre, ethanol: 0, acids: 0 })).toBeCloseTo(gravity, 5);
    expect(gravityOf({ sugar: 0, ethanol: 40, acids: 0 })).toBeLessThan(0.995);
    expect(gravityOf({ sugar: 0, ethanol: 0, acids: 10 })).toBeGreaterThan(1.001);
  });
});

describe('alcohol', () => {
  test('two rules of thumb and the mass balance, 1.050 to 1.010', () => {
    expect(abvByRule131(1.05, 1.01)).toBeCloseTo(5.25, 2);
    expect(abvByRule7_5(1.05, 1.01)).toBeCloseTo(5.33, 2);
    expect(abvByMassBalance(1.05, 1.01)).toBeCloseTo(5.394, 2);
    expect(abvByMassBalance(1.01, 1.05)).toBeCloseTo(0, 6);
    expect(abvOfEthanol(7.8924)).toBeCloseTo(1, 6);
  });

  test('a gram of sucrose makes 0.514 g of gas and 0.538 g of alcohol in theory, carbon kept', () => {
    expect(co2PerSucrose).toBeCloseTo(0.514, 3);
    expect(ethanolPerSucrose).toBeCloseTo(0.538, 3);
    expect(co2PerSucrose * carbonIn.co2 + ethanolPerSucrose * carbonIn.ethanol).toBeCloseTo(
      carbonIn.sucrose,
      6,
    );
    expect(hexosePerSucrose * carbonIn.hexose).toBeCloseTo(carbonIn.sucrose, 6);
  });
});

test('alcohol and water weigh what the tables say: 1, 5 and 10 % by volume', () => {
  const gravity = (percent: number) => gravityOf({ sugar: 0, ethanol: percent * 7.8924, acids: 0 });
  expect(
    [gravity(1), gravity(5), gravity(10)].map((value, i) => value - [996.7, 991.06, 984.71][i]! / 998.2),
  ).toEqual([expect.closeTo(0, 3.5), expect.closeTo(0, 3.5), expect.closeTo(0, 3.5)]);
});
