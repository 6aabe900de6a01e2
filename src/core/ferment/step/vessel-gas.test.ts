import fc from 'fast-check';
import { sealedBottleGas } from '../../gas/sealed-bottle';
import { waterVapourBar } from '../../gas/water-vapour';
import { slots } from '../state/state';
import { release } from './step';
import { ClosedVessel } from '../../gas/closed-vessel';
import { atmosphereBar, co2Solubility } from '../../gas/co2-solubility';
import {
  burp,
  closeRow,
  dissolvedShare,
  dissolvedVolumesOf,
  gaugeBarOf,
  leaveHeadspace,
  restInAirOf,
  trapAir,
} from './vessel-gas';

const { CO2, ESCAPED, ETHANOL, FRUCTOSE, GLUCOSE, NITROGEN, OXYGEN, SUCROSE, STATE_SIZE } = slots;

const filled = (headspaceRatio: number, filledCelsius = 22) => ({ headspaceRatio, filledCelsius });

const bottleWith = (volumes: number, ratio: number, celsius = 22) => {
  const y = new Float64Array(STATE_SIZE);
  y[SUCROSE] = 80;
  y[CO2] = volumes * 1.977;
  trapAir(y, ratio, celsius);
  return y;
};

describe('gas in a vessel under way', () => {
  test('agrees with the bottle on paper', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 0.005, max: 0.4, noNaN: true }),
        fc.double({ min: 1, max: 38, noNaN: true }),
        (volumes, ratio, celsius) => {
          const y = bottleWith(volumes, ratio);
          const paper = sealedBottleGas(
            {
              liquidMl: 1000,
              headspaceMl: ratio * 1000,
              celsius,
              sealedAtCelsius: 22,
              sugarGramsPerLitre: 80,
              ethanolGramsPerLitre: 0,
            },
            volumes,
          );
          expect(gaugeBarOf(y, filled(ratio), celsius)).toBeCloseTo(paper.gaugeBar, 9);
          expect(dissolvedVolumesOf(y, dissolvedShare(y, filled(ratio), celsius))).toBeCloseTo(
            paper.dissolvedVolumes,
            9,
          );
        },
      ),
      { seed: 17 },
    );
  });

  test('a bottle shut and left alone has no pressure over the air outside', () => {
    expect(gaugeBarOf(bottleWith(0, 0.05), filled(0.05), 22)).toBeCloseTo(0, 9);
    expect(gaugeBarOf(bottleWith(0, 0.05), filled(0.05), 35)).toBeGreaterThan(0.04);
    expect(waterVapourBar(35)).toBeGreaterThan(waterVapourBar(22));
  });

  test('a burp brings the headspace to the pressure outside, keeps its composition, and loses no matter', () => {
    const y = bottleWith(3, 0.04);
    const before = y.slice();
    const share = dissolvedShare(y, filled(0.04), 22);
    burp(y, filled(0.04), 22);
    const stood = closeRow(new ClosedVessel(), before, 0, filled(0.04), 22);
    const outside = atmosphereBar - waterVapourBar(22);
    const part = 1 - outside / (stood.gaugeBar + outside);
    expect(y[NITROGEN]! / before[NITROGEN]!).toBeCloseTo(1 - part * (1 - stood.nitrogenDissolved), 9);
    expect(y[OXYGEN]! / before[OXYGEN]!).toBeCloseTo(1 - part * (1 - stood.oxygenDissolved), 9);
    expect(y[CO2]! / before[CO2]!).toBeCloseTo(1 - part * (1 - share), 9);
    expect(y[CO2]! + y[ESCAPED]!).toBeCloseTo(before[CO2]!, 12);
    expect(gaugeBarOf(y, filled(0.04), 22)).toBeLessThan(gaugeBarOf(before, filled(0.04), 22));
  });

  test('later burps take little, a flat bottle nothing', () => {
    const y = bottleWith(3, 0.04);
    const falls: number[] = [];
    for (let i = 0; i < 3; i++) {
      const before = gaugeBarOf(y, filled(0.04), 22);
      burp(y, filled(0.04), 22);
      falls.push(1 - gaugeBarOf(y, filled(0.04), 22) / before);
    }
    expect(falls[0]).toBeGreaterThan(0.16);
    expect(falls[2]).toBeLessThan(0.09);
    const flat = bottleWith(0, 0.04);
    const same = flat.slice();
    burp(flat, filled(0.04), 15);
    expect(flat).toEqual(same);
  });

  test('leaving the headspace keeps what is dissolved; releasing all of it too', () => {
    const [left, released] = [bottleWith(2, 0.2), bottleWith(2, 0.2)];
    const share = dissolvedShare(left, filled(0.2), 22);
    leaveHeadspace(left, share);
    release(released, closeRow(new ClosedVessel(), released, 0, filled(0.2), 22), 1);
    expect(left[CO2]).toBeCloseTo(2 * 1.977 * share, 9);
    expect(released[CO2]).toBeCloseTo(left[CO2]!, 9);
    expect([left[NITROGEN], left[OXYGEN]]).toEqual([0, 0]);
    expect(dissolvedShare(left, filled(0), 22)).toBe(1);
  });

  test('in a kitchen’s air a liquid keeps 420 parts in a million of what it keeps under CO2 alone', () => {
    const y = bottleWith(1, 0.04);
    const sugar = y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!;
    for (const celsius of [4, 25])
      expect(restInAirOf(y, celsius)).toBeCloseTo(
        co2Solubility(celsius, sugar, y[ETHANOL]!) * 44.009 * 4.2e-4,
        8,
      );
  });
});
