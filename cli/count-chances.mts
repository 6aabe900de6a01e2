// Counts, one by one of five thousand kitchens, what the chances of the forecast are held against in its tests.
import { writeFileSync } from 'node:fs';
import { count, countedFile, keyOf, settings } from '../src/core/forecast/read-off/counted.test-tool.ts';

const table = settings.map((setting) => [
  keyOf(setting),
  count(setting).map((share) => Number(share.toFixed(5))),
]);
writeFileSync(countedFile, `${JSON.stringify(Object.fromEntries(table), null, 1)}\n`);
console.log(`Counted ${settings.length} settings.`);
