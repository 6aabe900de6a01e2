// Installs what is missing, builds, and serves the app with the invented household.
import { installPackages, run } from './run.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
process.exitCode = run(process.execPath, ['--import', 'tsx', 'server/server.mts', '--demo']);
