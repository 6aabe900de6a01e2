// Puts the optional binaries of other platforms back into the lock file. A registry that does not offer them all makes npm
// write a lock without them, and `npm ci` then refuses it. Run after changing dependencies: node scripts/complete-lock.mjs
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

const file = path.join(root, 'package-lock.json');
const lock = JSON.parse(readFileSync(file, 'utf8'));
const systems = {
  android: 'android',
  darwin: 'darwin',
  win32: 'win32',
  linux: 'linux',
  freebsd: 'freebsd',
  openbsd: 'openbsd',
  netbsd: 'netbsd',
  sunos: 'sunos',
  aix: 'aix',
  openharmony: 'openharmony',
};
const cpus = {
  x64: 'x64',
  arm64: 'arm64',
  arm: 'arm',
  ia32: 'ia32',
  riscv64: 'riscv64',
  s390x: 's390x',
  ppc64: 'ppc64',
  loong64: 'loong64',
  mips64el: 'mips64el',
};

/** System and processor that a binary's name speaks of. */
function platformOf(name) {
  const words = name.split(/[/-]/);
  const os = Object.keys(systems).find((word) => words.includes(word));
  const cpu = Object.keys(cpus).find((word) => words.includes(word));
  return { ...(cpu ? { cpu: [cpus[cpu]] } : {}), ...(os ? { os: [systems[os]] } : {}) };
}

let added = 0;
for (const entry of Object.values(lock.packages)) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    const key = `node_modules/${name}`;
    if (lock.packages[key] || !/^\d+\.\d+\.\d+/.test(version)) continue;
    lock.packages[key] = { version, ...platformOf(name), optional: true };
    added += 1;
  }
}
lock.packages = Object.fromEntries(
  Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0)),
);
if (added > 0) writeFileSync(file, `${JSON.stringify(lock, null, 2)}\n`);
console.log(
  added === 0 ? 'The lock is complete.' : `${added} optional binaries of other platforms put back.`,
);
