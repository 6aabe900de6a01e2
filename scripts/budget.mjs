// What a first visit loads, compressed: the entry, the common chunk, the layout and the first page, held to a budget.
import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

const budgetKilobytes = 340;
const folder = path.join(root, 'dist/_expo/static/js/web');
const files = readdirSync(folder).filter((name) => name.endsWith('.js.br'));
const size = (name) => statSync(path.join(folder, name)).size / 1024;
const first = files.filter((name) => /^(entry|__common|__expo-metro-runtime|_layout)-/.test(name));
// Several routes are called index; the first page is the largest of them.
const page = files.filter((name) => name.startsWith('index-')).sort((a, b) => size(b) - size(a))[0];
const total = [...first, page].reduce((sum, name) => sum + size(name), 0);
if (first.length !== 4 || !files.some((name) => name.startsWith('forecast-worker-'))) {
  console.error(`The build lacks a chunk: found ${files.join(', ')}`);
  process.exit(1);
}
console.log(`First load ${total.toFixed(1)} KB of ${budgetKilobytes} KB brotli.`);
process.exitCode = total <= budgetKilobytes ? 0 : 1;
