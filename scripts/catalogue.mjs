// Every text the app can say, as the key its catalogues have it under; fails when a language lacks one, has one that nobody says, or
// loses a parameter. `--missing nl` lists what is to be translated with its place; `--list` prints all keys.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import ts from 'typescript';
import { root } from './run.mjs';
import { sourcesUnder } from './sources.mjs';

const isPlain = (node) => ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node);
const faults = [];

/** Attributes whose text a maker reads or hears. */
const told = /^(label|title|titled|hint|words|over|aria-label|placeholder|echo|error|unit|what)$/;

/** Text of the interface that never goes through a catalogue. */
const isUntold = (node) =>
  (ts.isJsxText(node) && /[A-Za-z]{2}/.test(node.text)) ||
  (ts.isStringLiteral(node) &&
    ts.isJsxAttribute(node.parent) &&
    told.test(node.parent.name.getText()) &&
    /[A-Za-z]{2} |^[A-Z][a-z]/.test(node.text));

/** Files whose every sentence is for a maker. */
const speaks = /^src\/(words|features|ui)\//;

/** Words in a row outside a text of a catalogue: a sentence that only English has. */
const isSentence = (node) =>
  (isPlain(node) || ts.isTemplateExpression(node)) &&
  !(ts.isTaggedTemplateExpression(node.parent) || ts.isImportDeclaration(node.parent)) &&
  !(ts.isCallExpression(node.parent) && node.parent.expression.getText() === 'plural') &&
  !ts.isNewExpression(node.parent) &&
  /^(?!.*px).*[A-Za-z]{2,} [a-z]{3,}/s.test(
    isPlain(node)
      ? node.text
      : [node.head, ...node.templateSpans.map(({ literal }) => literal)].map(({ text }) => text).join('{}'),
  );

/** The keys of one file, in the order they stand in. */
function keysOf(source) {
  const file = source.fileName;
  const found = [];
  const add = (node, key, parameters) => {
    const line = source.getLineAndCharacterOfPosition(node.getStart()).line + 1;
    found.push({ key: key.trim(), place: `${file}:${line}`, parameters });
  };
  const visit = (node) => {
    if (isUntold(node) || (speaks.test(file) && isSentence(node)))
      faults.push(`${file}: only English says ${node.getText().trim()}`);
    if (ts.isTaggedTemplateExpression(node) && node.tag.getText() === 't') {
      const { template } = node;
      const spans = ts.isTemplateExpression(template) ? template.templateSpans : [];
      const head = ts.isTemplateExpression(template) ? template.head.text : template.text;
      add(
        node,
        spans.reduce((key, span, index) => `${key}{${index}}${span.literal.text}`, head),
        spans.map(({ expression }) => expression.getText().replace(/\s+/g, ' ')),
      );
    }
    if (ts.isCallExpression(node) && node.expression.getText() === 'plural') {
      const [, one, many] = node.arguments;
      if (!isPlain(one) || (many && !isPlain(many)))
        faults.push(`${file}: a counted thing must be named in place: ${node.getText()}`);
      else add(node, `{count, plural, one {# ${one.text}} other {# ${many?.text ?? `${one.text}s`}}}`, []);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Names of the parameters a message takes; throws what the parser finds wrong. */
function parametersOf(message) {
  const names = new Set();
  const walk = (elements) =>
    elements.forEach((element) => {
      if (element.type !== TYPE.literal && element.type !== TYPE.pound) names.add(element.value);
      Object.values(element.options ?? {}).forEach(({ value }) => walk(value));
    });
  walk(parse(message));
  return names;
}

const all = sourcesUnder('src').flatMap(keysOf);
const keys = new Map(all.map((each) => [each.key, each]));
const languages = readdirSync(path.join(root, 'src/languages'))
  .filter((name) => name.endsWith('.json'))
  .map((name) => [
    name.slice(0, -5),
    JSON.parse(readFileSync(path.join(root, 'src/languages', name), 'utf8')),
  ]);

for (const [language, messages] of languages) {
  for (const [key, { place }] of keys)
    if (typeof messages[key] !== 'string') faults.push(`${language} lacks, ${place}: ${key}`);
  for (const [key, message] of Object.entries(messages)) {
    if (!keys.has(key)) faults.push(`${language} has what nobody says: ${key}`);
    try {
      const [wanted, has] = [parametersOf(key), parametersOf(message)];
      const lost = [...wanted].filter((name) => !has.has(name));
      const odd = [...has].filter((name) => !wanted.has(name));
      if (lost.length + odd.length > 0)
        faults.push(`${language}: parameters ${[...lost, ...odd].join(', ')} differ: ${key}`);
    } catch (error) {
      faults.push(`${language}: ${error.message}: ${message}`);
    }
  }
}

const asked = process.argv.indexOf('--missing');
if (asked > 0) {
  const messages = Object.fromEntries(languages)[process.argv[asked + 1]] ?? {};
  for (const { key, place, parameters } of keys.values())
    if (messages[key] === undefined) console.log(JSON.stringify({ key, place, parameters }));
} else if (process.argv.includes('--list')) for (const key of keys.keys()) console.log(key);
else {
  for (const fault of faults.slice(0, 40)) console.error(fault);
  console.log(
    `${keys.size} texts; ${languages.map(([language, messages]) => `${language}: ${Object.keys(messages).length}`).join(', ')}; ${faults.length} faults.`,
  );
  process.exitCode = faults.length > 0 ? 1 : 0;
}
