import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app.ts';

const dist = path.join(path.dirname(path.dirname(fileURLToPath(import.meta.url))), 'dist');
const wanted = Number(process.env.PORT ?? 4173);
const host = process.env.HOST ?? '127.0.0.1';
const strict = process.env.STRICT_PORT === '1';
const app = await buildApp({ dist, demo: process.argv.includes('--demo') });

/** Listens on the wanted port, or says that it is taken and takes the next free one. */
async function listen(port: number): Promise<void> {
  try {
    await app.listen({ port, host });
    console.log(`Yuzet is at http://localhost:${port}/`);
  } catch (fault) {
    if ((fault as NodeJS.ErrnoException).code !== 'EADDRINUSE' || strict || port > wanted + 50) throw fault;
    console.log(`Port ${port} is taken; trying ${port + 1}.`);
    await listen(port + 1);
  }
}

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => void app.close().then(() => process.exit(0)));
await listen(wanted);
