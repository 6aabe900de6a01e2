// Makes the shipped font files from the full OFL fonts: Latin only; woff2 for the page, plain ttf for what is printed. Run
// once after a font update.
import { readFile, writeFile } from 'node:fs/promises';
import subsetFont from 'subset-font';

const range = (from, to) =>
  Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)).join('');
const text = range(0x20, 0x7e) + range(0xa0, 0x17f) + '–—‘’“”…•′″→←↑↓≈≤≥−×½⅓⅔¼¾⅛₂₀₁₃₄₅₆₇₈₉°µ·\u2009\u202f';

const fonts = [
  ['bricolage-grotesque/700Bold/BricolageGrotesque_700Bold.ttf', 'bricolage-700.woff2'],
  ['atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf', 'atkinson-400.woff2'],
  ['atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf', 'atkinson-600.woff2'],
];
const printed = fonts
  .filter(([, to]) => !to.endsWith('600.woff2'))
  .map(([from, to]) => [from, to.replace('.woff2', '-print.ttf')]);
for (const [from, to] of [...fonts, ...printed]) {
  const source = await readFile(`node_modules/@expo-google-fonts/${from}`);
  const subset = await subsetFont(source, text, { targetFormat: to.endsWith('ttf') ? 'truetype' : 'woff2' });
  await writeFile(`assets/fonts/${to}`, subset);
  console.log(to, subset.length, 'bytes');
}
