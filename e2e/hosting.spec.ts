import { createServer, type Server } from 'node:http';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { button, nothingYet } from './kitchen';

/** Where the second build is made for (scripts/test.mjs). */
const base = '/at/home';
const folder = path.resolve('dist-sub');
const kinds: Readonly<Record<string, string>> = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript',
  '.woff2': 'font/woff2',
  '.png': 'image/png',
  '.webmanifest': 'application/manifest+json',
  '.wasm': 'application/wasm',
};

/** A host that only hands files out, as simple as there is: what is not there is answered by its page for that. */
async function plainHost(): Promise<{ server: Server; home: string; asked: string[] }> {
  const asked: string[] = [];
  const server = createServer((request, response) => {
    const { pathname } = new URL(request.url ?? '/', 'http://localhost');
    asked.push(pathname);
    const inside = pathname.startsWith(`${base}/`) ? pathname.slice(base.length + 1) || 'index.html' : null;
    const send = (file: string, status: number) =>
      readFile(path.join(folder, file)).then((bytes) =>
        response.writeHead(status, { 'content-type': kinds[path.extname(file)] ?? 'text/plain' }).end(bytes),
      );
    if (inside === null) response.writeHead(404).end('Not ours.');
    else void send(inside, 200).catch(() => send('404.html', 404));
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const address = server.address();
  if (address === null || typeof address === 'string') throw new Error('no port');
  return { server, home: `http://localhost:${address.port}${base}`, asked };
}

test.use({ serviceWorkers: 'allow', storageState: nothingYet });

test('a static host in a folder: a starter begins there, deep links hold, and it starts without a network', async ({
  page,
  context,
}) => {
  const faults: string[] = [];
  page.on('pageerror', (fault) => faults.push(fault.message));
  const { server, home, asked } = await plainHost();
  try {
    await page.goto(`${home}/`);
    await expect(page.getByRole('heading', { name: 'What have you got?' })).toBeVisible();
    await page.getByRole('link', { name: 'Starters' }).click();
    await expect(page).toHaveURL(`${home}/starters`);
    await button(page, /^Begin a /).click();
    await page.getByRole('radio', { name: 'Ginger bug' }).click();
    await button(page, 'Begin').click();
    await expect(page.getByTestId('beginning')).toContainText('day 1');
    const jar = page.url();
    expect(jar).toContain(`${home}/starters/`);
    // Its forecast comes from the worker, which lies in the folder too.
    await expect(page.getByTestId('jar-chart')).toBeVisible({ timeout: 60_000 });
    await page.goto(jar);
    await expect(page.getByTestId('beginning')).toContainText('day 1');
    // Nothing was asked for outside the folder.
    expect(asked.filter((pathname) => !pathname.startsWith(base) && pathname !== '/favicon.ico')).toEqual([]);

    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await page.goto(jar);
    await expect(page.getByTestId('beginning')).toContainText('day 1');
    expect(faults).toEqual([]);
  } finally {
    server.close();
  }
});
