import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { makeStepsOn, plainBench, type Bench } from '../../../src/core/ferment/compiled/bench';
import { compileSteps } from '../../../src/core/ferment/compiled/compile';
import { beginRun } from '../../../src/core/ferment/ferment-run';
import { fermentOf, type Ferment, type LotStage } from '../../../src/core/ferment/ferment';
import type { Member } from '../../../src/core/ferment/member';
import { Scenario } from '../../../src/core/ferment/scenario';
import { surfaceAt } from '../../../src/core/ferment/surface';
import { memberOf, UNKNOWNS } from '../../../src/core/forecast/priors';
import { drawPoints, priorProposal } from '../../../src/core/forecast/proposal';
import { seededUniform } from '../../../src/core/forecast/random';
import { runMembers } from '../../../src/core/forecast/stored-run';

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

const [plain, compiled] = [plainBench(), compileSteps()!];
const [, , program, rounds = '12'] = process.argv;
const folder = mkdtempSync(path.join(tmpdir(), 'yuzet-native-'));
for (const [name, of] of Object.entries(cases)) {
  const points = drawPoints(priorProposal, 500, seededUniform(7));
  const members = Array.from({ length: 500 }, (_, m) => memberOf(points, m * UNKNOWNS, of.vigourSpread));
  const [input, output] = [path.join(folder, 'in'), path.join(folder, 'out')];
  writeFileSync(input, written(of, members));
  const least = { compiled: Infinity, plain: Infinity, native: Infinity };
  let rows = new Float32Array();
  const ours = (bench: Bench) => {
    makeStepsOn(bench);
    const start = performance.now();
    rows = runMembers(of, members).rows as Float32Array<ArrayBuffer>;
    return performance.now() - start;
  };
  // In turn, so that what else the machine does falls on all.
  for (let round = 0; round < Number(rounds); round++) {
    least.plain = Math.min(least.plain, ours(plain));
    least.compiled = Math.min(least.compiled, ours(compiled));
    least.native = Math.min(
      least.native,
      Number(execFileSync(program!, [input, output, '1'], { encoding: 'utf8' })),
    );
  }
  const bytes = readFileSync(output);
  const theirs = new Float32Array(bytes.buffer, bytes.byteOffset, bytes.length / 4);
  const against = (ms: number) => `${ms.toFixed(1)} ms, ${(ms / least.native).toFixed(2)} times`;
  console.log(
    `${name.padEnd(26)} C ${least.native.toFixed(1)} ms; compiled steps ${against(least.compiled)}; plain JavaScript ${against(least.plain)}; rows differ by ${farthest(rows, theirs).toExponential(1)} at most`,
  );
}
rmSync(folder, { recursive: true });
