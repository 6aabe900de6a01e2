// What visits load, compressed: every chunk of a first visit, and what a returning visit adds, each held to a budget.
import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

// 40 KB of each are the validator and the schemas: no entry is held unchecked, so they come before the first tap. The table of
// nearly five hundred ingredients is 5 KB, and once more in the worker; 4 KB are the ferment itself, by which the page works out
// what a jar has left when something is drawn; 19 KB are Paper's parts, which every page uses. What a household likes and never does is half a kilobyte, a jar's rules one in the worker; one more are the jars and bottles that Brews draws as the rack does.
const budgetKilobytes = { first: 400, returning: 470 };
const folder = path.join(root, 'dist/_expo/static/js/web');
const files = readdirSync(folder).filter((name) => name.endsWith('.js.br'));
const size = (name) => statSync(path.join(folder, name)).size / 1024;
const sum = (names) => names.reduce((total, name) => total + size(name), 0);
const startsWith = (pattern) => files.filter((name) => pattern.test(name));

const shell = startsWith(/^(entry|__common|__expo-metro-runtime|_layout)-/);
// Several routes are called index; the first page is the largest of them.
const page = startsWith(/^index-/).sort((a, b) => size(b) - size(a))[0];
const worker = startsWith(/^forecast-worker-/);
if (shell.length !== 4 || !page || worker.length !== 1) {
  console.error(`The build lacks a chunk: found ${files.join(', ')}`);
  process.exit(1);
}
const first = sum([...shell, page]);
// A journal that is there wants its forecasts; entries of the present version want no validator.
const returning = first + sum(worker);
console.log(
  `First visit ${first.toFixed(1)} KB of ${budgetKilobytes.first}, returning visit ${returning.toFixed(1)} KB of ${budgetKilobytes.returning}, brotli.`,
);
process.exitCode = first <= budgetKilobytes.first && returning <= budgetKilobytes.returning ? 0 : 1;
