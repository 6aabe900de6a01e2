import { knownCultures } from '../src/core/cultures/registry.ts';
import { seededNormal, seededUniform } from '../src/core/forecast/run/random.ts';
import { familyCalibration } from './calibration/families.ts';
import { judge, judgeLooks, scoreOf, type Score } from './calibration/judge.ts';
import { learnedError } from './calibration/lessons.ts';
import { target } from './calibration/courses.ts';
import { cultures, truths } from './calibration/truths.ts';

// As the app does.

/** Puts the forecast to kitchens whose truth comes from models of other makes, and prints how it did under each. */
const kitchens = Number(process.argv[2] ?? 200);
const percent = (share: number) => `${(100 * share).toFixed(0)} %`;
const pair = (values: readonly number[], words: (value: number) => string) => values.map(words).join(' → ');
const fresh = (seed: number) => {
  const uniform = seededUniform(seed);
  return [uniform, seededNormal(uniform)] as const;
};

const judged = Object.values(cultures).flatMap((culture) =>
  truths.map((truth) => {
    process.stderr.write(`${culture.id}: ${truth.name}\n`);
    const records = judge(truth, culture, kitchens, ...fresh(2024));
    const [before, after, asked] = (['before', 'after', 'asked'] as const).map((when) =>
      scoreOf(records.map((record) => record[when])),
    ) as [Score, Score, Score];
    const askedAt = records.map((record) => record.askedAt).sort((a, b) => a - b);
    const names = [knownCultures(culture.id)!.name, truth.name + (truth.inSight ? '' : ' (not in sight)')];
    return { names, before, after, asked, askedAt: askedAt[Math.floor(kitchens / 2)]! };
  }),
);
const table = (heads: readonly string[], rows: readonly (readonly string[])[]) =>
  [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n');
const bands = ['culture', 'truth', '90 % band holds it', '50 % band holds it', 'centre over truth'];
const ratio = (value: number) => value.toFixed(2);
const fifths = ({ ranks }: Score) => ranks.map((each) => (100 * each).toFixed(0)).join(' · ');

console.log(`The time to ${target} volumes, before and after three readings; ${kitchens} kitchens each.\n`);
console.log(
  table(
    [...bands, 'mean error, h', 'error left', 'ranks after, in fifths'],
    judged.map(({ names, before, after }) => [
      ...names,
      pair([before.held90, after.held90], percent),
      pair([before.held50, after.held50], percent),
      pair([before.centre, after.centre], ratio),
      pair([before.errorHours, after.errorHours], (value) => value.toFixed(1)),
      percent(after.errorHours / before.errorHours),
      fifths(after),
    ]),
  ),
);
console.log('\nThe same when the third is the look that Today asks for, a squeeze or the gauge.\n');
console.log(
  table(
    [...bands, 'error left', 'asked at, share of the time'],
    judged.map(({ names, before, asked, askedAt }) => [
      ...names,
      percent(asked.held90),
      percent(asked.held50),
      ratio(asked.centre),
      percent(asked.errorHours / before.errorHours),
      ratio(askedAt),
    ]),
  ),
);

const learned = learnedError(truths[0]!, cultures.bug, Math.ceil(kitchens / 2), ...fresh(2026));
const families = familyCalibration(kitchens, ...fresh(2025));
const looks = judgeLooks(truths[0]!, cultures.bug, kitchens, ...fresh(2027));
const rows = [
  [
    'mean error: unread, after the look that is asked for, after one at random',
    [looks.unread, looks.asked, looks.random].map((hours) => `${hours.toFixed(1)} h`).join(', '),
  ],
  ['no reading, after five finished batches: error left', percent(learned.learned / learned.first)],
  ['the same: the 90 % band holds it', percent(learned.held)],
  [
    'the same: mean error of the room, °C',
    `${learned.roomFirst.toFixed(2)} → ${learned.roomLearned.toFixed(2)}`,
  ],
  ['a jar bottled in six: mean error, no reading', `${families.meanError.unseen.toFixed(1)} h`],
  [
    'the five siblings, one bottle squeezed twice: error left',
    percent(families.meanError.squeezed / families.meanError.unseen),
  ],
  ['their 90 % band holds it, no reading', percent(families.held.unseen)],
  ['their 90 % band holds it, one bottle squeezed twice', percent(families.held.squeezed)],
];
console.log('\n| ginger bug, logistic cells | |\n| --- | --- |');
for (const [name, value] of rows) console.log(`| ${name} | ${value} |`);
