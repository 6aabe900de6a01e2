import { execFileSync } from 'node:child_process';
import fc from 'fast-check';
import { knownCultures } from '../../../cultures/registry';
import { memberOf } from '../../../forecast/ensemble/priors';
import { unknownCount } from '../../../forecast/ensemble/unknowns';
import type { Ferment, LotStage } from '../../scenario/ferment';
import { beginRun } from '../ferment-run';
import { Member } from '../../state/member';
import { bottle, inflow, jar, keptJar, soda } from '../run.test-tool';
import { followAll } from '../simulate';
import { FermentState } from '../../state/ferment-state';
import { slots } from '../../state/state';
import { reportHours } from '../time-table';
import { plainStepper, type Stepper } from '../stepper';
import { compileSteps } from './compile';
import { compiledStepper, type CompiledSteps } from './compiled-stepper';
import { handedOver, handOver, Numbers } from './hand-over';
import { partOf } from '../../../part-of.test-tool';

const compiled = compileSteps()!;

const rowsOn = (stepper: Stepper, of: Ferment, members: readonly Member[], long: boolean) => {
  const total = of.stages.reduce((sum, { hours }) => sum + hours, 0);
  const hours = reportHours(total, 1);
  // Single precision, as the forecast asks: rows of double precision would be made plainly.
  const rows = new Float32Array(hours.length * members.length * slots.ROW_SIZE);
  const celsius = new Float32Array(hours.length * members.length);
  const runs = members.map((each) => beginRun(of, each));
  const gaps = followAll(runs, of.stages, hours, { rows, celsius, first: 0 }, { limit: 1, long }, stepper);
  const last = runs.at(-1)!;
  const after = [last.ph, last.hour, last.celsius, last.made, ...last.y.subarray(0, slots.STATE_SIZE)];
  return { rows, celsius, gaps, after };
};

/** Largest difference, as a share of the number and one. */
const farthest = (a: ArrayLike<number>, b: ArrayLike<number>) => {
  let most = 0;
  for (let i = 0; i < a.length; i++) most = Math.max(most, Math.abs(a[i]! - b[i]!) / (1 + Math.abs(a[i]!)));
  return most;
};

const celsius = fc.double({ min: 1, max: 46, noNaN: true });
const stage = fc
  .record({
    hours: fc.double({ min: 0.4, max: 90, noNaN: true }),
    vessel: fc.constantFrom('open', 'airlock', 'sealed'),
    celsius,
    headspaceMl: fc.constantFrom(20, 60),
    ventEveryHours: fc.constantFrom(null, 12),
    stirred: fc.boolean(),
    stirredOnce: fc.boolean(),
    added: fc.constantFrom(0, 12),
    came: fc.boolean(),
  })
  .map(({ added, came, ...said }): LotStage => ({
    ...jar,
    ...(said as Partial<LotStage>),
    ...(added > 0 ? { addSugars: { sucrose: added, glucose: 0, fructose: 0 } } : {}),
    ...(came
      ? { inflows: [inflow({ sucrose: 30, glucose: 5, yeast: 0.1, lactics: 0.02, acetics: 0.01 })] }
      : {}),
  }));
const ferment = fc
  .record({
    stages: fc.array(stage, { minLength: 1, maxLength: 4 }),
    culture: fc.constantFrom('ginger-bug', 'water-kefir-grains', 'tea-mother', 'wine-yeast', null),
    kept: fc.boolean(),
    citric: fc.constantFrom(0, 3),
  })
  .map((said) =>
    soda({
      stages: said.stages,
      citric: said.citric,
      culture: knownCultures(said.culture),
      kept: said.kept ? keptJar : null,
    }),
  );
const member = fc
  .array(fc.double({ min: -2.5, max: 2.5, noNaN: true }), {
    minLength: unknownCount,
    maxLength: unknownCount,
  })
  .map((point) => memberOf(Float64Array.from(point), 0, 0.3));

test('what is compiled are the sources', () => {
  const check = () =>
    execFileSync(process.execPath, ['scripts/compile-steps.mjs', '--check'], { encoding: 'utf8' });
  expect(check).not.toThrow();
}, 60_000);

test('compiled steps are the plain ones, whatever is brewed, kept, vented, chilled or heated', () => {
  fc.assert(
    fc.property(
      ferment,
      fc.array(member, { minLength: 1, maxLength: 2 }),
      fc.boolean(),
      (of, members, long) => {
        const plain = rowsOn(plainStepper(), of, members, long);
        const quick = rowsOn(compiled, of, members, long);
        expect(quick.gaps).toEqual(plain.gaps);
        expect(farthest(plain.after, quick.after)).toBeLessThan(1e-11);
        // As near as single precision is.
        expect(farthest(plain.rows, quick.rows)).toBeLessThan(2e-7);
        expect(farthest(plain.celsius, quick.celsius)).toBeLessThan(2e-7);
      },
    ),
    { numRuns: 300 },
  );
});

test('everything that a step looks at is handed over', () => {
  const given = new FermentState();
  let next = 1;
  const number = (of: object) => {
    for (const [key, value] of Object.entries(of)) {
      if (typeof value === 'number') Object.assign(of, { [key]: (next += 1) });
      else if (typeof value === 'boolean') Object.assign(of, { [key]: (next += 1) % 2 === 0 });
      else if (value instanceof Float64Array) value.forEach((_, i) => (value[i] = next += 1));
      else number(value as object);
    }
  };
  given.member = new Member();
  number(given);
  const numbers = new Numbers(new Float64Array(handedOver));
  numbers.writing = true;
  handOver(given, numbers);
  expect(numbers.at).toBeLessThanOrEqual(handedOver);
  const taken = new FermentState();
  numbers.writing = false;
  handOver(taken, numbers);
  // Of the kitchen the rest is in the conditions by then; of the acids the rest is in the state.
  const { offset, swing, swingPhase, leak, earlyDrift, lateDrift, fridge, coldActivity } = given.member;
  expect(taken.member).toMatchObject({
    offset,
    swing,
    swingPhase,
    leak,
    earlyDrift,
    lateDrift,
    fridge,
    coldActivity,
  });
  const { citric, malic, mineralCharge } = given.acids;
  expect(taken.acids).toMatchObject({ citric, malic, mineralCharge });
  expect({ ...taken, member: 0, acids: 0 }).toEqual({ ...given, member: 0, acids: 0 });
});

test('as many rows as were never asked before, then a few: memory that has grown lies elsewhere', () => {
  const of = soda({ stages: [{ ...bottle, hours: 40 }] });
  for (const count of [1, 9, 300, 2]) {
    const members = Array.from({ length: count }, () => new Member());
    const quick = rowsOn(compiled, of, members, false);
    expect(farthest(rowsOn(plainStepper(), of, members, false).rows, quick.rows)).toBeLessThan(1e-6);
  }
});

test('where memory has run out steps are made plainly', () => {
  const full = compiledStepper(
    partOf<CompiledSteps>({
      memory: { buffer: new ArrayBuffer(8) },
      makeRoom: () => {
        throw new RangeError('memory access out of bounds');
      },
    }),
  );
  const of = soda({ stages: [{ ...bottle, hours: 5 }] });
  expect(rowsOn(full, of, [new Member()], false)).toEqual(rowsOn(plainStepper(), of, [new Member()], false));
});

test('where nothing can be compiled there are no compiled steps', () => {
  expect(compileSteps({})).toBeNull();
  const forbidding = {
    Module: class {
      constructor() {
        throw new Error('refused by policy');
      }
    },
    Instance: class {
      readonly exports = {};
    },
  };
  expect(compileSteps({ WebAssembly: forbidding })).toBeNull();
  expect(rowsOn(compiled, soda({ stages: [bottle] }), [new Member()], false).rows.some(Number.isNaN)).toBe(
    false,
  );
});
