// No living kind is named in code outside its own file, the registry and its drawing: what a kind needs is data in its file.
import { readFileSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

const kindsFolder = path.join(root, 'src/core/cultures/kinds');
const names = readdirSync(kindsFolder).flatMap((file) =>
  [...readFileSync(path.join(kindsFolder, file), 'utf8').matchAll(/\bid: '([a-z-]+)'/g)].map(([, id]) => id),
);
// Ids that are words of other vocabularies too: an ingredient, a base, a thing that is taken.
const shared = new Set([
  'whey',
  'wild',
  'bare',
  'peel',
  'sediment',
  'wine-yeast',
  'ale-yeast',
  'bread-yeast',
]);
const allowed = [
  'src/core/cultures/', // the kinds and their registry
  'src/core/journal/migrate/', // a file format of the past
  'src/core/journal/entries/', // examples
  'src/core/recipes/library/', // recipes say what they are brewed with
  'src/core/ferment/scenario/scenario.ts', // the example of a published file
  'src/core/forecast/published/family-scenario.ts', // the same
  'src/ui/drawings/',
  'src/demo/',
];

const filesUnder = (folder) =>
  readdirSync(folder).flatMap((name) => {
    const file = path.join(folder, name);
    return statSync(file).isDirectory() ? filesUnder(file) : [file];
  });

const faults = filesUnder(path.join(root, 'src'))
  .filter((file) => /\.tsx?$/.test(file) && !/\.test(-tool)?\.tsx?$/.test(file))
  .map((file) => path.relative(root, file))
  .filter((file) => !allowed.some((folder) => file.startsWith(folder)))
  .flatMap((file) => {
    const text = readFileSync(path.join(root, file), 'utf8');
    return names
      .filter((name) => !shared.has(name) && text.includes(`'${name}'`))
      .map((name) => `${file} names ${name}`);
  });
for (const fault of faults) console.error(fault);
console.log(`${names.length} kinds, ${faults.length} named outside their place.`);
process.exitCode = names.length > 5 && faults.length === 0 ? 0 : 1;
