// Compiles the C port of the ensemble's inner run and times it beside the app's compiled steps and the plain JavaScript, in turn, on the same members.
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const here = path.join(path.dirname(fileURLToPath(import.meta.url)), 'bench/native');
const folder = mkdtempSync(path.join(tmpdir(), 'yuzet-native-'));
const program = path.join(folder, 'ensemble');
const bundle = path.join(folder, 'compare.mjs');
const compiler = process.env.CC ?? 'cc';
if (spawnSync(compiler, ['--version']).error) {
  console.log(`No C compiler (${compiler}): the comparison with C is left out.`);
  process.exit(0);
}
try {
  execFileSync(compiler, ['-O3', '-o', program, path.join(here, 'ensemble.c'), '-lm']);
  // Bundled as the app is: a runner that loads each module by itself is half as fast.
  await build({ entryPoints: [path.join(here, 'compare.ts')], outfile: bundle, bundle: true, platform: 'node', format: 'esm' }); // prettier-ignore
  execFileSync(process.execPath, [bundle, program, ...process.argv.slice(2)], { stdio: 'inherit' });
} finally {
  rmSync(folder, { recursive: true });
}
