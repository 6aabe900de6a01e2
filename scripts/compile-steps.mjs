// Compiles the ferment's inner steps to WebAssembly and writes them where the app finds them: "npm run compile:steps" after any
// change to what src/core/ferment/run/compiled/entry.ts reaches. With --check it only says whether that was done.
import { Buffer } from 'node:buffer';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import asc from 'assemblyscript/asc';
// The optimiser that the compiler itself brings: no version of our own.
import binaryen from 'assemblyscript/binaryen';
import { root } from './run.mjs';

const entry = 'src/core/ferment/run/compiled/entry.ts';
const target = path.join(root, 'src/core/ferment/run/compiled/steps-wasm.ts');

// Nothing is freed and every index is a constant or held to its table: neither a collector nor checks of bounds are needed.
const options = [
  '-O3',
  '--runtime',
  'stub',
  '--noAssert',
  '--uncheckedBehavior',
  'always',
  '--disableWarning',
];
let binary = null;
const { error, stderr } = await asc.main([entry, '--outFile', 'steps.wasm', ...options], {
  readFile: (name, base) => {
    try {
      return readFileSync(path.resolve(root, base, name), 'utf8');
    } catch {
      return null;
    }
  },
  writeFile: (name, contents) => {
    if (name === 'steps.wasm') binary = Buffer.from(contents);
  },
  listFiles: () => [],
});
if (error || binary === null) {
  console.error(`${error?.message ?? 'Nothing was compiled.'}\n${stderr.toString()}`);
  process.exit(1);
}

// Small functions are drawn into their callers: a third more code, a twelfth less time.
binaryen.setOptimizeLevel(4);
binaryen.setFlexibleInlineMaxSize(200);
const module = binaryen.readBinary(binary);
const { BulkMemory, BulkMemoryOpt, MutableGlobals, NontrappingFPToInt, SignExt } = binaryen.Features;
module.setFeatures(BulkMemory | BulkMemoryOpt | MutableGlobals | NontrappingFPToInt | SignExt);
module.optimize();
const hex = Buffer.from(module.emitBinary()).toString('hex');
// Hexadecimal, since it packs better than base64 for the way over the wire.
const text = `/** What entry.ts compiles to, in hexadecimal. Written by scripts/compile-steps.mjs: not to be changed by hand. */
export const stepsWasm =
  '${hex}';
`;
if (!process.argv.includes('--check')) {
  writeFileSync(target, text);
  console.log(`${hex.length / 2} bytes`);
} else if (readFileSync(target, 'utf8') !== text) {
  console.error('The compiled steps are not those of the sources: run "npm run compile:steps".');
  process.exit(1);
}
