// Times the forecast in Node and in Chromium's worker: milliseconds, member-days a second, linearity, and a dragged what-if.
import { installPackages, run } from './run.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
process.exitCode = run(process.execPath, ['--expose-gc', '--import', 'tsx', 'cli/bench.mts']);
// Beside the same run compiled from C, where a compiler is there (see cli/bench/native).
const native = run(process.execPath, ['--import', 'tsx', 'cli/native.mts']);
process.exitCode ||= native;
