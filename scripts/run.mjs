// Small helpers for the scripts that must work before anything is installed: plain Node, no packages.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));

/** Runs a command in the project's folder with its output shown. Returns its exit code. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  return done.status ?? 1;
}

/** Runs a command and ends the script when it fails. */
export function must(what, command, args, env) {
  const code = run(command, args, env);
  if (code !== 0) {
    console.error(`\n${what} failed (exit ${code}).`);
    process.exit(code);
  }
}

/** Installs the packages of the lock file, unless that was done for this very lock file. */
export function installPackages() {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) {
    console.error(`Yuzet needs Node.js 20 or newer; this is ${process.version}.`);
    process.exit(1);
  }
  const lock = readFileSync(path.join(root, 'package-lock.json'));
  const mark = createHash('sha256').update(lock).digest('hex');
  const stamp = path.join(root, 'node_modules/.yuzet-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === mark) return;
  console.log('Installing packages…');
  // The lock is enforced. It lists the optional binaries of every platform, offered here or not (scripts/complete-lock.mjs).
  must('Installing packages', 'npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, mark);
}
