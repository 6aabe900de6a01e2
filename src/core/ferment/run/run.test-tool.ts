import { knownCultures } from '../../cultures/registry';
import type { Ferment, Inflow, LotStage } from '../scenario/ferment';
import { beginRun, enterStage } from './ferment-run';
import { nominalMember, type Member } from '../state/member';

export const jar: LotStage = {
  hours: 10,
  vessel: 'open',
  celsius: 22,
  headspaceMl: 100,
  ventEveryHours: null,
  stirred: false,
};
export const bottle: LotStage = { ...jar, vessel: 'sealed', headspaceMl: 20 };
export const soda = (more: Partial<Ferment> = {}): Ferment => ({
  liquidLitres: 0.5,
  base: 'ginger-tea',
  citric: 0,
  malic: 0,
  sugars: { sucrose: 80, glucose: 3, fructose: 2 },
  co2Volumes: 0.1,
  culture: knownCultures('ginger-bug'),
  amountPerLitre: 80,
  doseAlive: 1,
  vigour: 1.2,
  vigourSpread: 0.28,
  kitchen: null,
  kept: null,
  stages: [jar],
  readings: [],
  members: 1,
  seed: 1,
  stepHours: 1,
  longSteps: false,
  ...more,
});
/** How a jar of ginger bug is kept. */
export const keptJar = {
  starving: 0.09,
  hungerDying: 0.003,
  airing: 0.03,
  yeastCapacity: 3.8,
  lacticCapacity: 0.33,
  settled: null,
  lagWork: 2.4,
  fresh: { yeast: 6e-4, lactics: 3e-4, acetics: 1e-5 },
};
export const member = (more: Partial<Member> = {}): Member => ({ ...nominalMember, ...more });
export const begun = (more: Partial<Ferment> = {}, who = nominalMember, stage = jar) => {
  const run = beginRun(soda(more), who);
  enterStage(run, stage);
  return run;
};
export const inflow = (more: Partial<Inflow>): Inflow => ({
  share: 0.25,
  sucrose: 0,
  glucose: 0,
  fructose: 0,
  citric: 0,
  malic: 0,
  lactic: 0,
  acetic: 0,
  ethanol: 0,
  yeast: 0,
  lactics: 0,
  acetics: 0,
  ...more,
});
