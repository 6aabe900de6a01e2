// Builds the web app into dist/: export, service worker, compressed copies. Skipped when nothing changed since the last build.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { must, root } from './run.mjs';
import { thirdPartyNotices } from './third-party.mjs';

const sources = [
  'src',
  'public',
  'assets',
  'app.json',
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

/** Exports the app, unless dist/ already holds this very source. */
export async function build() {
  const stamp = path.join(root, 'dist/.build-stamp');
  const mark = sourceMark();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === mark) return;
  console.log('Building the app…');
  rmSync(path.join(root, 'dist'), { recursive: true, force: true });
  must(
    'Building the app',
    process.execPath,
    ['node_modules/expo/bin/cli', 'export', '--platform', 'web', '--output-dir', 'dist'],
    {
      EXPO_NO_TELEMETRY: '1',
      EXPO_OFFLINE: '1',
      CI: '1',
    },
  );
  rmSync(path.join(root, 'dist/metadata.json'), { force: true });
  nameBuild(mark);
  writeFileSync(path.join(root, 'dist/third-party-notices.txt'), thirdPartyNotices());
  await serviceWorker();
  compress(path.join(root, 'dist'));
  writeFileSync(stamp, mark);
}

/** Writes into the page which version it is, and of which source. */
function nameBuild(mark) {
  const { version } = JSON.parse(readFileSync(path.join(root, 'package.json'), 'utf8'));
  const page = path.join(root, 'dist/index.html');
  const name = (content) => `<meta name="yuzet-build" content="${content}"`;
  const before = readFileSync(page, 'utf8');
  const after = before.replace(name('unbuilt'), name(`${version}, build ${mark.slice(0, 7)}`));
  if (after === before) throw new Error('The page has no place for its version.');
  writeFileSync(page, after);
}

async function serviceWorker() {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: path.join(root, 'dist'),
    globPatterns: ['**/*.{js,html,webmanifest,woff2,ico,png}'],
    swDest: path.join(root, 'dist/service-worker.js'),
    dontCacheBustURLsMatching: /[.-][0-9a-f]{32}\./,
    navigateFallback: '/index.html',
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

if (process.argv[1]?.endsWith('build.mjs')) await build();
