import { knownCultures } from '../../cultures/registry';
import { atmosphereBar, co2Solubility, gramsPerVolume } from '../../gas/co2-solubility';
import { waterVapourBar } from '../../gas/water-vapour';
import { airShutIn, ClosedVessel } from '../../gas/closed-vessel';
import { lactateShare } from '../relations/acid-balance';
import { beginRun, burpRun, enterStage, standIn } from './ferment-run';
import type { LotStage } from '../scenario/ferment';
import { nominalMember } from '../state/member';
import { begun, bottle, inflow, jar, keptJar, member, soda } from './run.test-tool';
import { slots } from '../state/state';
import { stepOn } from '../step/step';
import { closeRow, dissolvedShare, restInAirOf } from '../step/vessel-gas';

/** Minerals that come with 0.32 g/L of lactic acid from a bug at pH 3.6, equivalents/L. */
const salts = (0.32 / 90.078) * lactateShare(3.6);

const {
  ACETIC,
  ACETICS,
  CO2,
  ESCAPED,
  ETHANOL,
  FRUCTOSE,
  GLUCOSE,
  GLYCEROL,
  LACTIC,
  LACTICS,
  LACTICS_READY,
  NITROGEN,
  OXYGEN,
  SUCROSE,
  YEAST,
  YEAST_READY,
} = slots;

describe('a jar at its start', () => {
  test('holds its sugars, its gas and its dose', () => {
    const { y, c, acids, vigour } = beginRun(
      soda(),
      member({ vigour: 1.5, bacteria: 2, capacity: 0.8, lag: 1.1 }),
    );
    expect([y[SUCROSE], y[GLUCOSE], y[FRUCTOSE]]).toEqual([80, 3, 2]);
    expect(y[CO2]).toBeCloseTo(0.1 * gramsPerVolume, 12);
    expect(y[YEAST]).toBeCloseTo(0.0544, 12);
    expect(y[LACTICS]).toBeCloseTo(0.0096 * 2, 12);
    expect(y[LACTIC]).toBeCloseTo(0.32, 12);
    expect(y[YEAST_READY]).toBeCloseTo(1 / (Math.exp(1.45 * 1.1) - 1), 12);
    expect(y[LACTICS_READY]).toBe(y[YEAST_READY]);
    expect(vigour).toBeCloseTo(1.8, 12);
    expect(c.yeastCapacity).toBeCloseTo(0.48 * 0.8 + 0.0544 * 1.15, 12);
    expect(c.lacticCapacity).toBeCloseTo(0.14 * 0.8, 12);
    expect(acids).toMatchObject({
      citric: 0.05 + 0.276,
      malic: 0.1,
      mineralCharge: expect.closeTo(0.00508 + salts, 12),
    });
  });

  test('an old dose brings what lives of it, and wakes later; a member may bring more cells', () => {
    const whole = beginRun(soda(), nominalMember).y;
    const old = beginRun(soda({ doseAlive: 0.4 }), member({ cells: 1.5 })).y;
    expect(old[YEAST]! / whole[YEAST]!).toBeCloseTo(0.6, 12);
    expect(old[LACTICS]! / whole[LACTICS]!).toBeCloseTo(0.6, 12);
    expect(old[YEAST_READY]).toBeCloseTo(1 / (Math.exp(1.45 * (1 + 1.2 * 0.6)) - 1), 12);
    expect(old[LACTIC]).toBe(whole[LACTIC]);
  });

  test('a kept jar begins fresh, or as a settled one stands', () => {
    const fresh = beginRun(soda({ kept: keptJar }), member({ bacteria: 3, capacity: 0.5, lag: 2 }));
    expect([fresh.y[YEAST], fresh.y[LACTICS], fresh.y[ACETICS], fresh.y[ETHANOL]]).toEqual([
      6e-4,
      expect.closeTo(9e-4, 12),
      1e-5,
      0,
    ]);
    expect(fresh.y[YEAST_READY]).toBeCloseTo(1 / (Math.exp(4.8) - 1), 12);
    expect([fresh.c.yeastCapacity, fresh.c.lacticCapacity, fresh.c.starving]).toEqual([1.9, 0.165, 0.09]);
    enterStage(fresh, jar);
    expect(fresh.c.alcoholLost).toBe(0.03);
    expect(fresh.c.hungerDying).toBeCloseTo(0.003 * fresh.c.yeastHeat, 12);
    const settled = { yeast: 3.6, lactics: 0.3, acetics: 0.01, ready: 1.5, ethanol: 8, lactic: 2 };
    const { y } = beginRun(soda({ kept: { ...keptJar, settled } }), nominalMember);
    expect([
      y[YEAST],
      y[LACTICS],
      y[ACETICS],
      y[ETHANOL],
      y[LACTIC],
      y[YEAST_READY],
      y[LACTICS_READY],
    ]).toEqual([3.6, 0.3, 0.01, 8, 2, 1.5, 1.5]);
  });

  test('lemon and fruit acids add to the base’s own; without a culture nothing lives', () => {
    expect(beginRun(soda({ citric: 2, malic: 1 }), nominalMember).acids).toMatchObject({
      citric: expect.closeTo(2.05 + 0.276, 12),
      malic: 1.1,
    });
    expect([begun({ culture: null }).alive, begun().alive]).toEqual([false, true]);
  });
});

describe('entering a stage', () => {
  test('what comes in is mixed by its share; minerals are thinned, glycerol and gas with them', () => {
    const run = begun();
    run.y[GLYCEROL] = 4;
    run.y[CO2] = 2;
    run.y[ETHANOL] = 8;
    enterStage(run, {
      ...jar,
      liquidMl: 400,
      inflows: [
        inflow({
          sucrose: 40,
          ethanol: 20,
          citric: 4.326,
          malic: 0.5,
          lactic: 0.72,
          acetic: 0.4,
          yeast: 0.464,
          lactics: 0.0496,
          acetics: 0.02,
          glucose: 7,
          fructose: 10,
        }),
      ],
    });
    const { y, acids } = run;
    expect([y[SUCROSE], y[GLUCOSE], y[FRUCTOSE], y[ETHANOL], y[GLYCEROL]]).toEqual([70, 4, 4, 11, 3]);
    expect(
      [y[LACTIC], y[ACETIC], y[YEAST], y[LACTICS], y[ACETICS]].map((value) => Number(value!.toFixed(9))),
    ).toEqual([0.42, 0.1, 0.1568, 0.0196, 0.005]);
    expect(y[CO2]).toBeCloseTo(1.5, 3);
    expect([acids.citric, acids.malic, acids.mineralCharge]).toEqual([
      expect.closeTo(1.326, 9),
      expect.closeTo(0.2, 9),
      expect.closeTo((0.00508 + salts) * 0.75, 12),
    ]);
    expect(run.liquidMl).toBe(400);
  });

  test('priming is added as it is', () => {
    const { y } = begun({}, nominalMember, {
      ...bottle,
      addSugars: { sucrose: 8, glucose: 1, fructose: 0.5 },
    });
    expect([y[SUCROSE], y[GLUCOSE], y[FRUCTOSE]]).toEqual([88, 4, 2.5]);
  });

  test('a new seal traps the air of its headspace at the temperature it was shut at', () => {
    const { y } = begun({}, nominalMember, bottle);
    // What the headspace holds, and what the liquid does that stood in air: 0.79 of a bar of nitrogen, 6.4e-4 mol/(L·bar) at 25 °C.
    const gas = ((1.01325 - waterVapourBar(22)) * 0.04) / (0.0831446 * 295.15);
    const held = (1.01325 - waterVapourBar(22)) * 6.4e-4 * Math.exp(1300 * (1 / 295.15 - 1 / 298.15));
    expect(y[NITROGEN]).toBeCloseTo((gas + held) * 0.7905, 7);
    const { oxygen } = airShutIn(0.04, 22);
    expect(y[OXYGEN]).toBe(oxygen);
    const warm = begun({}, nominalMember, { ...bottle, sealedAtCelsius: 40 });
    expect(warm.y[OXYGEN]! / y[OXYGEN]!).toBeCloseTo(airShutIn(0.04, 40).oxygen / oxygen, 9);
    expect(warm.filling).toEqual({ headspaceRatio: 0.04, filledCelsius: 40 });
  });

  test('the same sealed bottle keeps its headspace; another one leaves it behind', () => {
    const run = begun({ co2Volumes: 3 }, nominalMember, bottle);
    const held = run.y[CO2]!;
    enterStage(run, { ...bottle, celsius: 4 });
    expect([run.y[CO2], run.y[ESCAPED]]).toEqual([held, 0]);
    const left = held * dissolvedShare(run.y, run.filling, 4);
    // On its way through the funnel it loses an eighth of what it holds above air.
    const poured = left - 0.12 * (left - restInAirOf(run.y, 4));
    enterStage(run, { ...bottle, headspaceMl: 30 });
    expect(run.y[CO2]).toBeCloseTo(poured, 9);
    expect(run.y[CO2]! + run.y[ESCAPED]!).toBeCloseTo(held, 9);
    expect(run.filling.headspaceRatio).toBeCloseTo(0.06, 12);
    enterStage(run, jar);
    expect([run.filling.headspaceRatio, run.y[OXYGEN], run.y[NITROGEN]]).toEqual([0, 0, 0]);
  });

  test('a good stir takes a fifth of what an unsealed jar holds above air, and from a bottle nothing', () => {
    const run = begun({ co2Volumes: 0.8 });
    const held = run.y[CO2]!;
    const rest = restInAirOf(run.y, 22);
    enterStage(run, { ...jar, stirredOnce: true });
    expect(run.y[CO2]).toBeCloseTo(held - 0.2 * (held - rest), 9);
    expect(run.y[ESCAPED]).toBeCloseTo(0.2 * (held - rest), 9);
    const shut = begun({ co2Volumes: 0.8 }, nominalMember, { ...bottle, stirredOnce: true });
    expect(shut.y[ESCAPED]).toBe(0);
  });
});

describe('conditions of a step', () => {
  test('temperature: the offset whole in a kitchen, two fifths in the cold; a swing over the day in the kitchen alone', () => {
    const run = begun({}, member({ offset: 2, swing: 3, swingPhase: 4 }));
    run.hour = 10;
    standIn(run, jar);
    expect(run.celsius).toBeCloseTo(22 + 2 + 3, 12);
    run.hour = 22;
    standIn(run, jar);
    expect(run.celsius).toBeCloseTo(22 + 2 - 3, 12);
    standIn(run, { ...jar, celsius: 12 });
    expect(run.celsius).toBeCloseTo(12.8, 12);
    standIn(run, { ...jar, celsius: 12.1 });
    expect(run.celsius).toBeCloseTo(12.1 + 2 - 3, 12);
  });

  test('a fridge is off by its own error, never frozen; the cold’s pace by its own factor', () => {
    const run = begun({}, member({ offset: 2, fridge: -3, coldActivity: 2 }));
    standIn(run, { ...jar, celsius: 4 });
    expect(run.celsius).toBe(1);
    expect(run.c.yeastHeat).toBeCloseTo(2 * 0.036 * Math.exp(0.12 * (1 - 4)), 9);
    expect(run.c.fallingAsleep).toBeCloseTo(0.006 * 1.5, 9);
    standIn(run, { ...jar, celsius: 2 });
    expect(run.celsius).toBe(0);
    standIn(run, { ...jar, celsius: 8 });
    expect(run.celsius).toBe(5);
    standIn(run, { ...jar, celsius: 8.1 });
    expect(run.celsius).toBeCloseTo(8.9, 9);
    expect(run.c.fallingAsleep).toBe(0);
  });

  test('the pace strays early within a day, and late within a week', () => {
    const run = begun({}, member({ earlyDrift: 0.2, lateDrift: -0.3, vigour: 2 }));
    for (const hour of [0, 10, 90]) {
      run.hour = hour;
      standIn(run, jar);
      const strayed = 0.2 * (1 - Math.exp(-hour / 20)) - 0.3 * (1 - Math.exp(-hour / 90));
      expect(run.c.vigour).toBeCloseTo(1.2 * 2 * Math.exp(strayed), 4);
    }
  });

  test('heat kills in the step that feels it, and stops when it is over', () => {
    const run = begun();
    standIn(run, { ...jar, celsius: 45 });
    expect(Math.LN10 / run.c.yeastDying).toBeCloseTo((0.95 / 60) * 10 ** (10 / 4.6), 6);
    expect(run.c.fallingAsleep).toBeCloseTo(0.3, 9);
    standIn(run, jar);
    expect([run.c.yeastDying, run.c.lacticDying, run.c.aceticDying]).toEqual([0, 0, 0]);
    const grains = begun({ culture: knownCultures('water-kefir-grains') });
    standIn(grains, { ...jar, celsius: 36 });
    const bug = begun();
    standIn(bug, { ...jar, celsius: 40 });
    expect(grains.c.yeastDying).toBeCloseTo(bug.c.yeastDying, 12);
  });

  test('air and gas by the closure', () => {
    const of = (stage: LotStage) => begun({}, nominalMember, stage).c;
    expect(of({ ...jar, vessel: 'airlock' }).airing / of(jar).airing).toBeCloseTo(0.02, 12);
    expect([of(bottle).airing, of(bottle).exchange, of({ ...jar, vessel: 'airlock' }).exchange]).toEqual([
      0, 0, 0,
    ]);
    const open = begun();
    expect(of(jar).dissolvedShare).toBe(1);
    // 85 g/L of sugar, one atmosphere of CO2.
    expect(of(jar).saturation).toBeCloseTo(co2Solubility(22, 85, 0) * 44.009, 5);
    expect(of(jar).restInAir).toBeCloseTo(restInAirOf(open.y, 22), 9);
    const shut = begun({}, nominalMember, bottle);
    expect(shut.c.saturation).toBe(Infinity);
    const inLiquid = (co2Solubility(22, 85, 0) / 1.01325) * 0.0831446 * 295.15;
    expect(shut.c.dissolvedShare).toBeCloseTo(inLiquid / (inLiquid + 0.04), 6);
    expect(Math.abs(shut.c.dissolvedShare - dissolvedShare(shut.y, shut.filling, 22))).toBeLessThan(0.005);
  });

  test('acid and alcohol leave less activity: none below pH 2 and 2.9, none at 95 g/L', () => {
    const run = begun();
    const ease = (ethanol: number, lactic: number) => {
      run.y[ETHANOL] = ethanol;
      run.y[LACTIC] = lactic;
      standIn(run, jar);
      return { yeast: run.c.yeastEase, lactic: run.c.lacticEase, ph: run.ph };
    };
    const mild = ease(0, 0.2);
    expect(mild.yeast).toBeCloseTo(Math.min(1, (mild.ph - 2) / 1.2), 9);
    expect(mild.lactic).toBeCloseTo(Math.min(1, (mild.ph - 2.9) / 1.3), 9);
    const strong = ease(40, 4);
    const sober = (1 - 40 / 95) ** 0.8;
    expect(strong.yeast).toBeCloseTo(sober * ((strong.ph - 2) / 1.2), 5);
    expect(strong.lactic).toBeCloseTo(Math.max(0, sober * ((strong.ph - 2.9) / 1.3)), 5);
    expect(ease(96, 4).yeast).toBe(0);
    expect(ease(0, 60).lactic).toBe(0);
  });
});

describe('a step', () => {
  test('a leak lets out its share an hour of what stands above the liquid, while there is pressure', () => {
    const tight = begun({ culture: null, co2Volumes: 3 }, nominalMember, bottle);
    const leaky = begun({ culture: null, co2Volumes: 3 }, member({ leak: 0.03 }), bottle);
    const above = leaky.y[CO2]! * (1 - dissolvedShare(leaky.y, leaky.filling, 22));
    stepOn(leaky, 2);
    stepOn(tight, 2);
    expect(leaky.y[ESCAPED]).toBeCloseTo(above * (1 - Math.exp(-0.06)), 9);
    expect([tight.y[ESCAPED], leaky.hour]).toEqual([0, 2]);
    const flat = begun({ culture: null, co2Volumes: 0 }, member({ leak: 0.03 }), {
      ...bottle,
      celsius: 15,
      sealedAtCelsius: 30,
    });
    stepOn(flat, 2);
    expect(flat.y[ESCAPED]).toBe(0);
  });

  test('a burp takes what stands over the air outside, and from an open vessel nothing', () => {
    const run = begun({ culture: null, co2Volumes: 3 }, nominalMember, bottle);
    // The headspace falls to the air outside with its composition kept; vapour makes itself up at once.
    const outside = atmosphereBar - waterVapourBar(22);
    const { gaugeBar, co2Dissolved } = closeRow(new ClosedVessel(), run.y, 0, run.filling, 22);
    const inside = gaugeBar + outside;
    const above = run.y[CO2]! * (1 - co2Dissolved);
    burpRun(run, bottle);
    expect(run.y[ESCAPED]).toBeCloseTo(above * (1 - outside / inside), 9);
    const open = begun({ co2Volumes: 3 });
    const { [CO2]: held } = open.y;
    burpRun(open, jar);
    expect(open.y[CO2]).toBe(held);
  });
});
