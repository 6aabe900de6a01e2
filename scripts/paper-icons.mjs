// Writes the few icon outlines Paper's own components ask for, out of the full set.
import { writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';

const outlines = createRequire(import.meta.url)('@mdi/js');

const wanted = ['close', 'magnify', 'checkbox-blank-outline', 'checkbox-marked'];
const constant = (name) => `mdi${name.replace(/(^|-)(.)/g, (_, __, letter) => letter.toUpperCase())}`;
const rows = wanted.map((name) => `  '${name}': '${outlines[constant(name)]}',`).join('\n');
await writeFile(
  'src/ui/icons/paper-paths.ts',
  `/** Outlines Paper's components ask for (Material Design Icons, Apache 2.0). Made by scripts/paper-icons.mjs. */\nexport const paperPaths: Readonly<Record<string, string>> = {\n${rows}\n};\n`,
);
