// Builds the web app into dist/: export, service worker, compressed copies. Skipped when nothing changed since the last build.
// "--base /sodas --out dist-sodas" builds it for a folder of its host, to be put there as it is.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { must, root } from './run.mjs';
import { thirdPartyNotices } from './third-party.mjs';

const sources = [
  'src',
  'public',
  'assets',
  'app.json',
  'app.config.js',
  'babel.config.js',
  'metro.config.js',
  'bundler',
  'package.json',
  'package-lock.json',
  'scripts/build.mjs',
  'scripts/third-party.mjs',
];

const filesUnder = (entry) =>
  statSync(entry).isDirectory()
    ? readdirSync(entry)
        .sort()
        .flatMap((name) => filesUnder(path.join(entry, name)))
    : [entry];

/** A mark of all that goes into the build. */
function sourceMark() {
  const hash = createHash('sha256');
  for (const source of sources) {
    for (const file of filesUnder(path.join(root, source)))
      hash.update(path.relative(root, file)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

/**
 * Exports the app, unless its folder already holds this very source.
 *
 * @param base folder of the host it will lie in, such as "/sodas"; empty for the root
 * @param out folder of the project it is built into
 */
export async function build({ base = '', out = 'dist' } = {}) {
  if (base !== '' && !/^(\/[\w.-]+)+$/.test(base))
    throw new Error(`“${base}” is no folder of a host: "/sodas".`);
  const dist = path.join(root, out);
  const stamp = path.join(dist, '.build-stamp');
  const mark = sourceMark();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === mark) return;
  console.log('Building the app…');
  rmSync(dist, { recursive: true, force: true });
  must(
    'Building the app',
    process.execPath,
    ['node_modules/expo/bin/cli', 'export', '--platform', 'web', '--source-maps', '--output-dir', out],
    {
      EXPO_NO_TELEMETRY: '1',
      EXPO_OFFLINE: '1',
      CI: '1',
      YUZET_BASE: base,
    },
  );
  rmSync(path.join(dist, 'metadata.json'), { force: true });
  finishPage(dist, mark, base);
  writeFileSync(path.join(dist, 'third-party-notices.txt'), thirdPartyNotices());
  await serviceWorker(dist, base);
  compress(dist);
  writeFileSync(stamp, mark);
}

/** Writes into the page which version it is, of which source, and where its icons lie; static hosts show it for every address. */
function finishPage(dist, mark, base) {
  const { version } = JSON.parse(readFileSync(path.join(root, 'package.json'), 'utf8'));
  const page = path.join(dist, 'index.html');
  const name = (content) => `<meta name="yuzet-build" content="${content}"`;
  const before = readFileSync(page, 'utf8');
  const after = before.replace(name('unbuilt'), name(`${version}, build ${mark.slice(0, 7)}`));
  if (after === before) throw new Error('The page has no place for its version.');
  const placed = after.replace(/(<link [^>]*href=")\/(?=manifest|icon)/g, `$1${base}/`);
  writeFileSync(page, placed);
  writeFileSync(path.join(dist, '404.html'), placed);
}

async function serviceWorker(dist, base) {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: dist,
    globPatterns: ['**/*.{js,html,webmanifest,woff2,ico,png}'],
    swDest: path.join(dist, 'service-worker.js'),
    dontCacheBustURLsMatching: /[.-][0-9a-f]{32}\./,
    navigateFallback: `${base}/index.html`,
    globIgnores: ['404.html'],
    navigateFallbackDenylist: [/^\/api\//, /\.txt$/],
    maximumFileSizeToCacheInBytes: 4e6,
    skipWaiting: false,
    clientsClaim: true,
    sourcemap: false,
    inlineWorkboxRuntime: true,
    mode: 'production',
  });
  for (const warning of warnings) console.warn(warning);
}

/** Puts .br and .gz copies beside every text file, so that the server never compresses while serving. */
function compress(folder) {
  for (const file of filesUnder(folder)) {
    if (!/\.(js|html|json|webmanifest|css|svg)$/.test(file)) continue;
    const bytes = readFileSync(file);
    const params = { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length };
    writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params }));
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
  }
}

if (process.argv[1]?.endsWith('build.mjs')) {
  const { values } = parseArgs({ options: { base: { type: 'string' }, out: { type: 'string' } } });
  await build(values);
}
