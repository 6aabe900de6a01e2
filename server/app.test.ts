import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { buildApp } from './app';

const dist = mkdtempSync(path.join(tmpdir(), 'yuzet-dist-'));
const bundle = path.join(dist, '_expo/static/js/web');
mkdirSync(bundle, { recursive: true });
writeFileSync(path.join(dist, 'index.html'), '<html><meta name="yuzet-household" content="own" /></html>');
writeFileSync(path.join(bundle, 'entry-abc.js'), 'plain');
writeFileSync(path.join(bundle, 'entry-abc.js.br'), brotliCompressSync('packed'));
writeFileSync(path.join(dist, 'manifest.webmanifest'), '{}');
writeFileSync(path.join(dist, '.build-stamp'), 'a mark of the build');

const get = async (url: string, demo = false, headers = {}, method: 'GET' | 'HEAD' | 'POST' = 'GET') => {
  const app = await buildApp({ dist, demo });
  const response = await app.inject({ url, headers, method });
  await app.close();
  return response;
};

describe('the server', () => {
  test('a page is served at every address without an extension', async () => {
    for (const url of ['/', '/brews/0mi81234000000ab1', '/rack?bottle=1', '/index.html']) {
      const { statusCode, headers, body } = await get(url);
      expect([statusCode, headers['cache-control']]).toEqual([200, 'no-cache']);
      expect(body).toContain('content="own"');
    }
  });

  test('the demo is a word in the page, so that the content policy needs no inline script', async () => {
    const { body, headers } = await get('/', true);
    expect(body).toContain('content="demo"');
    expect(headers['content-security-policy']).toMatch(/script-src 'self' 'wasm-unsafe-eval';/);
    expect(headers['content-security-policy']).not.toContain("'unsafe-eval'");
  });

  test('bundles come precompressed and for good', async () => {
    const { headers, rawPayload } = await get('/_expo/static/js/web/entry-abc.js', false, {
      'accept-encoding': 'br',
    });
    expect(headers['content-encoding']).toBe('br');
    expect(headers['cache-control']).toContain('immutable');
    expect(rawPayload).toEqual(brotliCompressSync('packed'));
    expect((await get('/manifest.webmanifest')).headers['cache-control']).toBe('no-cache');
  });

  test('health is told, and what is missing is missing', async () => {
    expect((await get('/api/health')).json()).toEqual({ status: 'ok' });
    for (const url of ['/api/none', '/nothing.js', '/../package.json'])
      expect((await get(url)).statusCode).toBe(404);
  });

  test('a deep link answers to HEAD as to GET, without a body, and to nothing else', async () => {
    const { statusCode, headers, body } = await get('/brews/0mi8', false, {}, 'HEAD');
    expect([statusCode, headers['content-type'], body]).toEqual([200, 'text/html; charset=utf-8', '']);
    expect((await get('/brews/0mi8', false, {}, 'POST')).statusCode).toBe(404);
  });

  test('caches keep packed and plain answers apart', async () => {
    for (const encoding of ['br', 'identity']) {
      const { headers } = await get('/_expo/static/js/web/entry-abc.js', false, {
        'accept-encoding': encoding,
      });
      expect(headers.vary).toContain('accept-encoding');
    }
  });

  test('nothing under /api is a page, however it is written; addresses that are none are refused', async () => {
    for (const url of ['/api', '/API/none', '/Api/health/more'])
      expect([url, (await get(url)).statusCode]).toEqual([url, 404]);
    for (const url of ['//[', '//[::']) expect([url, (await get(url)).statusCode]).toEqual([url, 400]);
  });

  test('marks of the build are not served', async () => {
    for (const url of ['/.build-stamp', '/.hidden/page'])
      expect([url, (await get(url)).statusCode]).toEqual([url, 404]);
  });
});
