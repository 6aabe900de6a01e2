import { parseEntry } from '@/core/journal/entry';
import { example } from '@/core/journal/entries/lot-begun/schema';
import { nameFault } from './name-fault';

test.each([
  ['', false],
  ['\u200B\u200D', false],
  ['\u2800\u2800', false],
  ['\u3164', false],
  [' \uFEFF ', false],
  ['梅 and bay', true],
  ['x'.repeat(81), false],
])('form and journal agree on the name %j', (name, good) => {
  expect(nameFault(name) === undefined).toBe(good);
  expect(parseEntry({ ...example, name }).ok).toBe(good);
});
