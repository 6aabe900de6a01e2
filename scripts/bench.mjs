// Times the forecast in Node and in Chromium's worker: milliseconds, member-days a second, linearity, and a dragged what-if.
import { installPackages, run } from './run.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
process.exitCode = run(process.execPath, ['--expose-gc', '--import', 'tsx', 'cli/bench.mts']);
