// Makers who follow advice, in kitchens whose truth is not the forecast's: what each policy pours.
// "npm run trial -- 40 7": single batches of 40 kitchens. "npm run trial -- households 8 7 kefir": eight households that live
// sixty days; without a name, of ginger bug. "npm run trial -- wishes 300 7": kitchens that wish for soda by a day. "later" behind it takes the truths that were written after the advice.
import { seededNormal, seededUniform } from '../src/core/forecast/run/random.ts';
import { cultures, truths as known, type Truth } from './calibration/truths.ts';
import { liveAs } from './trial/household.ts';
import { drawHousehold } from './trial/households.ts';
import { lostBelow } from './trial/jar.ts';
import { laterTruths } from './trial/later-truths.ts';
import {
  bySeason,
  clairvoyant,
  clairvoyantOfJars,
  fixedDays,
  sipping,
  squeezing,
  yuzet,
  type Policy,
} from './trial/policies.ts';
import { makings, type Making, type Scene } from './trial/scenes.ts';
import { bound, isGood, Tally } from './trial/tally.ts';
import { atWork, homeFrom } from './trial/week.ts';
import { wishesTrial } from './trial/wishes.ts';
import { bottlesOf, chilledAt } from './trial/world.ts';
import { hourMs } from '../src/core/duration.ts';

/** What makers do without advice. @param morning hour of the day at which they squeeze before they leave */
const habitsOf = (morning: number): Readonly<Record<string, Policy>> => ({
  'a day': fixedDays(1),
  'two days': fixedDays(2),
  'three days': fixedDays(3),
  'days by season': bySeason,
  'squeezed evenings, firm': squeezing([20], ['firm', 'rock']),
  'squeezed mornings and evenings, hard': squeezing([morning, 20], ['rock']),
  'the same, four hours more': squeezing([morning, 20], ['rock'], 4),
});

/** The same of a drink from its jar. */
const jarHabits = (likedAt: number): Readonly<Record<string, Policy>> => ({
  'two days': fixedDays(2),
  'three days': fixedDays(3),
  'four days': fixedDays(4),
  'five days': fixedDays(5),
  'a sip every evening': sipping(20, likedAt),
  [bound]: clairvoyantOfJars,
});

function othersOf({ bottled, likedAt, hasPilot }: Scene): [string, Policy][] {
  if (bottled === 'in-jar') return Object.entries(jarHabits(likedAt));
  return Object.entries({ ...habitsOf(7), [bound]: clairvoyant }).filter(
    ([name]) => hasPilot || !name.includes('squeezed'),
  );
}

const advised: Readonly<Record<string, Policy>> = {
  'Yuzet careful, no look': yuzet('careful', null),
  'Yuzet careful, no look, sparkling-wine bottles': yuzet('careful', null, 'sparkling-wine'),
  'Yuzet usual, no look': yuzet('usual', null),
  'Yuzet careful, pilot': yuzet('careful', 'squeeze'),
  'Yuzet usual, pilot': yuzet('usual', 'squeeze'),
  'Yuzet careful, gauge': yuzet('careful', 'gaugeBar'),
};

/** A household's habits are kept when it is at home, as its advice is. */
const home = { from: homeFrom, absence: atWork };

/** Hands of their own: a policy that looks more often does not change the kitchens after it. */
const handsOf = (seed: number, start: number) => ({
  uniform: seededUniform(seed + 100),
  normal: seededNormal(seededUniform(seed + 500)),
  start,
});

function singleBatches(
  kitchens: number,
  seed: number,
  truths: readonly Truth[],
  only: readonly string[] | undefined,
): void {
  const noon = new Date(2026, 4, 4, 12).getTime();
  const tally = new Tally();
  const byTruth = new Tally();
  for (const [name, policy] of Object.entries({ ...habitsOf(8), ...advised, [bound]: clairvoyant })) {
    if (only && !only.some((each) => name.includes(each))) continue;
    const uniform = seededUniform(seed);
    const normal = seededNormal(seededUniform(seed + 1));
    for (let k = 0; k < kitchens; k++) {
      const truth = truths[k % truths.length]!;
      const bottles = bottlesOf(truth, cultures.bug, uniform, normal);
      const start = noon + Math.floor(9 * uniform()) * hourMs;
      const { hour, looks, glass = bottles.glass } = policy(bottles, handsOf(seed + k, start));
      const poured = chilledAt({ ...bottles, glass }, hour);
      tally.add(name, bottles, poured, looks);
      if (name === 'Yuzet careful, pilot' || name === bound)
        byTruth.add(`${truth.name}: ${name}`, bottles, poured, looks);
    }
  }
  console.log(`${tally.table()}\n\n${byTruth.table()}`);
}

function households(count: number, seed: number, making: Making, truths: readonly Truth[]): void {
  const tally = new Tally();
  let [alive, acts, good] = [0, 0, 0];
  for (let h = 0; h < count; h++) {
    // Each by draws of its own: what advice changes in one does not change the next.
    const uniform = seededUniform(seed + 1000 * h);
    const normal = seededNormal(seededUniform(seed + 1000 * h + 1));
    const household = drawHousehold(making, truths, uniform, normal);
    const lived = liveAs(household, uniform, normal);
    if (lived.jarAlive > lostBelow) alive += 1;
    acts += lived.acts;
    for (const { number, scene, bottles, start, looks, poured, count: of } of lived.batches) {
      const part = number < 3 ? 'batches 1–2' : 'batches 3 on';
      tally.add(`${part}: Yuzet careful`, bottles, poured, looks);
      if (isGood(bottles, poured)) good += of;
      for (const [name, policy] of othersOf(scene)) {
        const chilling = policy(bottles, { ...handsOf(seed + h, start), home });
        tally.add(`${part}: ${name}`, bottles, chilledAt(bottles, chilling.hour), chilling.looks);
      }
    }
    console.error(
      `${household.truth.name}: ${lived.batches.map(({ poured, looks }) => `${poured.volumes.toFixed(1)} (${looks})`).join(' · ')}`,
    );
  }
  console.log(tally.table());
  console.log(
    `\n${making.name}: ${count} households, jars alive after 60 days ${alive}, acts and looks a good bottle ${(acts / Math.max(1, good)).toFixed(1)}`,
  );
}

const args = process.argv.slice(2);
const truths = args.includes('later') ? laterTruths : known;
const rest = args.filter((arg) => arg !== 'later');
if (rest[0] === 'wishes') console.log(wishesTrial(Number(rest[1] ?? 40), Number(rest[2] ?? 7), truths));
else if (rest[0] === 'households') {
  const making = makings.find(({ name }) => name.includes(rest[3] ?? 'bug'));
  if (!making)
    console.error(`no such household: ${rest[3]}; there is ${makings.map(({ name }) => name).join(', ')}`);
  else households(Number(rest[1] ?? 4), Number(rest[2] ?? 7), making, truths);
} else singleBatches(Number(rest[0] ?? 40), Number(rest[1] ?? 7), truths, rest[2]?.split(','));
