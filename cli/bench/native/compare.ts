import { stepper as compiled } from '../../stepper.ts';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { plainStepper, type Stepper } from '../../../src/core/ferment/run/stepper';
import { beginRun } from '../../../src/core/ferment/run/ferment-run';
import { fermentOf, type Ferment, type LotStage } from '../../../src/core/ferment/scenario/ferment';
import type { Member } from '../../../src/core/ferment/state/member';
import { Scenario } from '../../../src/core/ferment/scenario/scenario';
import { surfaceAt } from '../../../src/core/ferment/step/surface';
import { memberOf } from '../../../src/core/forecast/ensemble/priors';
import { unknownCount } from '../../../src/core/forecast/ensemble/unknowns';
import { drawPoints, priorProposal } from '../../../src/core/forecast/ensemble/proposal';
import { seededUniform } from '../../../src/core/forecast/run/random';
import { runMembers } from '../../../src/core/forecast/run/run-members';

/** Two ferments: one sealed at once, one that stands open, is bottled, and goes to the fridge; two weeks each. */
const cases: Readonly<Record<string, Ferment>> = {
  'sealed at once, 22 °C': ferment([{ hours: 336, vessel: 'sealed', celsius: 22, headspaceMl: 40 }]),
  'open, bottled, chilled': ferment([
    { hours: 72, vessel: 'open', celsius: 23, headspaceMl: 0 },
    { hours: 48, vessel: 'sealed', celsius: 23, headspaceMl: 40 },
    { hours: 216, vessel: 'sealed', celsius: 5, headspaceMl: 40 },
  ]),
};

function ferment(stages: readonly object[]): Ferment {
  return fermentOf(
    Scenario.parse({
      schema: 'yuzet.scenario/1',
      base: 'ginger-tea',
      sugars: { sucrose: 90 },
      starter: { kind: 'ginger-bug', amountPerLitre: 80 },
      stages,
    }),
  );
}

/** What ensemble.c reads: its Stage and Start records, in their order. */
function written(of: Ferment, members: readonly Member[]): Float64Array {
  const liquidMl = of.liquidLitres * 1000;
  const stage = (s: LotStage) => {
    const { exchange, alcoholLost, airing, pellicle } = surfaceAt(s, liquidMl);
    const sealedAt = s.sealedAtCelsius ?? s.celsius;
    return [s.hours, s.vessel === 'sealed' ? 1 : 0, s.celsius, s.headspaceMl / liquidMl, sealedAt, exchange, alcoholLost, airing, pellicle]; // prettier-ignore
  };
  const start = (m: Member) => {
    const { y, c, acids, ph, vigour, tenderBy } = beginRun(of, m);
    return [
      ...[vigour, m.offset, m.swing, m.swingPhase, m.leak, m.earlyDrift, m.lateDrift, m.fridge, m.coldActivity, tenderBy], // prettier-ignore
      ...[
        c.yeastCapacity,
        c.lacticCapacity,
        c.heterolactic,
        c.growth,
        c.shape,
        c.gasHalfGrowth,
        c.gasHalfFerment,
      ],
      ...[acids.citric, acids.malic, acids.mineralCharge, ph, ...y],
    ];
  };
  const hours = of.stages.reduce((sum, { hours: each }) => sum + each, 0) + 1;
  return Float64Array.from([
    members.length,
    of.stages.length,
    hours,
    ...of.stages.flatMap(stage),
    ...members.flatMap(start),
  ]);
}

/** Largest difference between two sets of rows, every quantity of each, relative. */
function farthest(a: Float32Array, b: Float32Array): number {
  if (a.length !== b.length) throw new Error(`${a.length} numbers against ${b.length}`);
  return a.reduce((most, value, i) => Math.max(most, Math.abs(value - b[i]!) / (Math.abs(value) + 1e-6)), 0);
}

/** Least time of an ensemble, ms, and its rows. */
function timed(
  of: Ferment,
  members: readonly Member[],
  rounds: number,
  stepper: Stepper,
  between: () => void = () => undefined,
) {
  let least = Infinity;
  let rows = new Float32Array();
  for (let round = 0; round < rounds; round++) {
    const start = performance.now();
    rows = runMembers(of, members, stepper).rows as Float32Array<ArrayBuffer>;
    least = Math.min(least, performance.now() - start);
    if (round % 2 === 1) between();
  }
  return { least, rows };
}

const [, , program, asked = '12'] = process.argv;
const rounds = Number(asked);
const points = drawPoints(priorProposal, 500, seededUniform(7));
const membersOf = (of: Ferment) =>
  Array.from({ length: 500 }, (_, m) => memberOf(points, m * unknownCount, of.vigourSpread));
const folder = mkdtempSync(path.join(tmpdir(), 'yuzet-native-'));
for (const [name, of] of Object.entries(cases)) {
  const members = membersOf(of);
  const [input, output] = [path.join(folder, 'in'), path.join(folder, 'out')];
  writeFileSync(input, written(of, members));
  let native = Infinity;
  // In turn, two of ours and two of C, so that what else the machine does falls on both; after a process was started the next
  // run of this one is a sixth slower.
  const ours = timed(of, members, rounds, compiled, () => {
    native = Math.min(native, Number(execFileSync(program!, [input, output, '2'], { encoding: 'utf8' })));
  });
  const bytes = readFileSync(output);
  const theirs = new Float32Array(bytes.buffer, bytes.byteOffset, bytes.length / 4);
  console.log(
    `${name.padEnd(26)} ours ${ours.least.toFixed(1)} ms, C ${native.toFixed(1)} ms: ${(ours.least / native).toFixed(2)} times; rows differ by ${farthest(ours.rows, theirs).toExponential(1)} at most`,
  );
}
rmSync(folder, { recursive: true });
// Last, since the app never makes both: an engine that has seen both is slower with each.
for (const [name, of] of Object.entries(cases))
  console.log(
    `${name.padEnd(26)} plain JavaScript ${timed(of, membersOf(of), rounds, plainStepper()).least.toFixed(1)} ms`,
  );
