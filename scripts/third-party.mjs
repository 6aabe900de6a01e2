// The licences of what is built in: name, version and text of every package that Yuzet depends on to run.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

const licenceFile = /^(licen[cs]e|copying|notice)(\.|-|$)/i;

/** The texts that lie in a package's folder. */
function textsOf(folder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => licenceFile.test(name))
    .map((name) => readFileSync(path.join(folder, name), 'utf8').trim());
}

/** @returns the notices as one text; packages that carry the same licence text share it */
export function thirdPartyNotices() {
  const { packages } = JSON.parse(readFileSync(path.join(root, 'package-lock.json'), 'utf8'));
  const byText = new Map();
  for (const [place, { version, license = 'see its source', dev, optional }] of Object.entries(packages)) {
    if (place === '' || dev || optional) continue;
    const name = place.slice(place.lastIndexOf('node_modules/') + 'node_modules/'.length);
    const text = textsOf(path.join(root, place)).join('\n\n') || `Licence: ${license}`;
    byText.set(text, [...(byText.get(text) ?? []), `${name} ${version} (${license})`]);
  }
  const fonts = readdirSync(path.join(root, 'assets/fonts'))
    .filter((name) => /\.(txt|md)$/i.test(name))
    .map((name) => readFileSync(path.join(root, 'assets/fonts', name), 'utf8').trim());
  const parts = [...byText].map(([text, names]) => `${[...new Set(names)].sort().join('\n')}\n\n${text}`);
  return `Yuzet stands on the work of others. Thank you.\n\n${[...parts, ...fonts].join(`\n\n${'-'.repeat(72)}\n\n`)}\n`;
}
