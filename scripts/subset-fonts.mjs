// Makes the shipped font files from the full OFL fonts: Latin only, woff2. Run once after a font update.
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
for (const [from, to] of fonts) {
  const source = await readFile(`node_modules/@expo-google-fonts/${from}`);
  const woff2 = await subsetFont(source, text, { targetFormat: 'woff2' });
  await writeFile(`assets/fonts/${to}`, woff2);
  console.log(to, woff2.length, 'bytes');
}
