// One's own household, served from this machine: installs what is missing, builds once, and serves.
import { installPackages, run } from './run.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
const host = process.env.HOST ?? '127.0.0.1';
console.log(
  host === '127.0.0.1'
    ? 'On this machine alone; HOST=0.0.0.0 npm start serves the whole house.'
    : 'Over plain http a browser keeps nothing for use without a network, and lets the screen sleep: put https before it (README).',
);
process.exitCode = run(process.execPath, ['--import', 'tsx', 'server/server.mts'], { HOST: host });
