// The built app behind its real server, for scripts that drive a browser against it.
import { spawn } from 'node:child_process';
import { root } from './run.mjs';

/** Path of the browser the scripts drive. */
export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** Waits until an address answers; throws after ten seconds. */
export async function answering(address) {
  for (let i = 0; i < 50; i++) {
    const there = await fetch(address).then(
      (response) => response.ok,
      () => false,
    );
    if (there) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error(`Nothing answers at ${address}.`);
}

/** Starts the server on a port of its own. Returns its address and how to stop it. */
export async function serve(port) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/server.mts'], {
    cwd: root,
    env: { ...process.env, PORT: String(port), STRICT_PORT: '1' },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const home = `http://localhost:${port}`;
  await answering(`${home}/api/health`);
  return { home, stop: () => server.kill() };
}
