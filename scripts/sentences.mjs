// Every sentence the app can say, read from its source, with an example in place of each parameter; fails on one that wet hands
// would not read. `--list` prints them all.
import ts from 'typescript';
import { sourcesUnder } from './sources.mjs';

const folders = ['src/words', 'src/features', 'src/ui', 'src/app', 'src/store', 'src/core/cultures'];
const mostWords = 20;
const mostNumbers = 2;
const medianAtMost = 11;

/** What a parameter looks like, by the function that writes it: a moment, a span, an amount, a share. */
const examples = [
  [
    /^(moment|clock|at|atWords|when|byWords|closesWords|deadlineWords|betweenWords|quarter)$/,
    'tomorrow 8:15',
  ],
  [/^(duration|lateBy|days|hours)$/, '3 days'],
  [/^(plural|inWords|count)$/, '3 bottles'],
  [/^(portionsWords|portionWords|volume|litres|grams|amount|weight|amountWords|inARow)$/, '16 g sugar'],
  [/^(percent|share)$/, '40 %'],
  [/^(round|toFixed|one|floor|ceil|toLocaleString|digits|length|celsius|min|max)$/, '7'],
];

/** Words that nobody says in a kitchen, and what is said instead. */
const forbidden = [
  [/\breckon/i, 'worked out'],
  [/\bschools?\b/i, 'way of keeping'],
  [/\bdoubted\b|of the doubt/i, 'how well it is known'],
  [/(\d|fizz[^.]*) volumes\b/i, 'faint, gentle, lively, sharp'],
  [/\bplant %|% plant\b/i, 'ginger, flowers, by name'],
  [/\bof one at its peak\b/i, 'lively, tired'],
  [/\ball of it of\b/i, 'all of it'],
  [/\bStock '/, 'the name of the make'],
  [/\bBottle Bottle\b/i, 'bottle'],
  [/\bone kitchen in\b|\bkitchens in\b|\bof kitchens\b/i, 'about one in twenty'],
];
const participle =
  '(stirred|fed|chilled|strained|opened|bottled|poured|tasted|squeezed|discarded|shaken|vented|covered|washed|rinsed|kept|moved|added)';
const passiveOrder = new RegExp(
  `\\b(must|should|has to|have to|needs? to|is to|are to|wants? to) be ${participle}\\b`,
  'i',
);
const unnamed = /^(It|They) (is|are|was|were|has|had|will|would|may|can|goes|stands|lies)\b/;

/** The name that says most of an expression: the function called, or the last property. */
function nameOf(node) {
  if (ts.isCallExpression(node)) return nameOf(node.expression);
  if (ts.isPropertyAccessExpression(node)) return node.name.text;
  return ts.isIdentifier(node) ? node.text : '';
}

/** What may stand for a parameter: each of its own texts where it chooses between some, else an example. */
function exampleOf(node) {
  if (ts.isParenthesizedExpression(node)) return exampleOf(node.expression);
  if (ts.isConditionalExpression(node)) {
    const [a, b] = [exampleOf(node.whenTrue), exampleOf(node.whenFalse)];
    return a.length >= b.length ? a : b;
  }
  if (isText(node)) return textOf(node);
  if (ts.isBinaryExpression(node)) return exampleOf(node.right);
  const name = nameOf(node);
  return examples.find(([pattern]) => pattern.test(name))?.[1] ?? 'it';
}

const isText = (node) =>
  ts.isStringLiteral(node) ||
  ts.isNoSubstitutionTemplateLiteral(node) ||
  ts.isTemplateExpression(node) ||
  ts.isJsxText(node);

function textOf(node) {
  if (ts.isTemplateExpression(node))
    return (
      node.head.text +
      node.templateSpans.map((span) => exampleOf(span.expression) + span.literal.text).join('')
    );
  return ts.isJsxText(node) ? node.text.replace(/\s+/g, ' ').trim() : node.text;
}

/** Whether a text is one for the maker: no path, id, style or message to who programs. */
function isSaid(node, text) {
  if (
    !/[A-Za-z’]{3,}/.test(text) ||
    !/\S\s+\S/.test(text) ||
    /^[.@/]|^\d+px|rgba|\bpx\b|^M(\d|it )/.test(text)
  )
    return false;
  for (let up = node.parent; up; up = up.parent) {
    if (ts.isImportDeclaration(up) || ts.isThrowStatement(up) || ts.isTypeNode(up)) return false;
    if (ts.isPropertyAssignment(up) && up.name.getText() === 'source') return false;
    if (ts.isNewExpression(up) && nameOf(up.expression) === 'Error') return false;
    // A text inside a template is read with it.
    if (ts.isTemplateSpan(up)) return false;
    if (ts.isJsxAttribute(up) && /^(testID|style|role|d|viewBox)$/.test(up.name.text)) return false;
    if (ts.isStatement(up)) break;
  }
  return true;
}

const sentencesOf = (text) => text.split(/(?<=[.!?])\s+(?=[A-Z“\d])| · /);
const wordsOf = (sentence) => sentence.split(/\s+/).filter((word) => /[A-Za-z0-9]/.test(word)).length;
/** An amount with its spoons, a range or odds count as one number. */
const numbersOf = (sentence) =>
  (
    sentence
      .replace(/\([^)]*\)/g, '')
      .replace(/(\d+) (in \d+|\d\/\d)/g, '$1')
      .match(/\d+([.,:–]\d+)*/g) ?? []
  ).length;

const all = [];
for (const source of folders.flatMap(sourcesUnder)) {
  const visit = (node) => {
    if (isText(node)) {
      const text = textOf(node);
      const line = source.getLineAndCharacterOfPosition(node.getStart()).line + 1;
      if (isSaid(node, text))
        sentencesOf(text).forEach((sentence, index) =>
          all.push({
            place: `${source.fileName}:${line}`,
            sentence,
            first: index === 0,
            words: wordsOf(sentence),
          }),
        );
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
}

const faults = all.flatMap(({ place, sentence, first, words }) =>
  [
    words > mostWords && `${words} words`,
    numbersOf(sentence) > mostNumbers && `${numbersOf(sentence)} numbers`,
    ...forbidden.map(([pattern, instead]) => pattern.test(sentence) && `say "${instead}"`),
    passiveOrder.test(sentence) && 'an order in the passive',
    first && unnamed.test(sentence) && 'who is meant?',
  ]
    .filter(Boolean)
    .map((fault) => `${place}  ${fault}: ${sentence}`),
);
const counts = all.map(({ words }) => words).sort((a, b) => a - b);
const median = counts[Math.floor(counts.length / 2)];
if (process.argv.includes('--list'))
  for (const { place, sentence } of all) console.log(`${place}\t${sentence}`);
for (const fault of faults) console.error(fault);
console.log(`${all.length} sentences, ${median} words in the middle; ${faults.length} faults.`);
process.exitCode = faults.length > 0 || median > medianAtMost ? 1 : 0;
