// Makers who follow advice, in kitchens whose truth is not the forecast's: what each policy pours.
// "npm run trial -- 40 7": single batches of 40 kitchens. "npm run trial -- households 8 7": eight households that live sixty days.
import { turnToCompiledSteps } from '../src/core/ferment/compiled/compile.ts';
import { seededNormal, seededUniform } from '../src/core/forecast/random.ts';
import { cultures, truths } from './calibration/truths.ts';
import { drawHousehold, liveAs } from './trial/household.ts';
import { bySeason, clairvoyant, fixedDays, squeezing, yuzet, type Policy } from './trial/policies.ts';
import { Tally } from './trial/tally.ts';
import { bottlesOf, chilledAt } from './trial/world.ts';

/** What makers do without advice. */
const habits: Readonly<Record<string, Policy>> = {
  'a day': fixedDays(1),
  'two days': fixedDays(2),
  'three days': fixedDays(3),
  'days by season': bySeason,
  'squeezed evenings, firm': squeezing([20], ['firm', 'rock']),
  'squeezed mornings and evenings, hard': squeezing([8, 20], ['rock']),
  'the same, four hours more': squeezing([8, 20], ['rock'], 4),
};
const advised: Readonly<Record<string, Policy>> = {
  'Yuzet careful, no look': yuzet('careful', null),
  'Yuzet usual, no look': yuzet('usual', null),
  'Yuzet careful, pilot': yuzet('careful', 'squeeze'),
  'Yuzet usual, pilot': yuzet('usual', 'squeeze'),
  'Yuzet careful, gauge': yuzet('careful', 'gaugeBar'),
};

/** Hands of their own: a policy that looks more often does not change the kitchens after it. */
const handsOf = (seed: number, start: number) => ({
  uniform: seededUniform(seed + 100),
  normal: seededNormal(seededUniform(seed + 500)),
  start,
});

function singleBatches(kitchens: number, seed: number, only: readonly string[] | undefined): void {
  const noon = new Date(2026, 4, 4, 12).getTime();
  const tally = new Tally();
  for (const [name, policy] of Object.entries({ ...habits, ...advised, clairvoyant })) {
    if (only && !only.some((each) => name.includes(each))) continue;
    const uniform = seededUniform(seed);
    const normal = seededNormal(seededUniform(seed + 1));
    for (let k = 0; k < kitchens; k++) {
      const bottles = bottlesOf(truths[k % truths.length]!, cultures.bug, uniform, normal);
      const start = noon + Math.floor(9 * uniform()) * 3_600_000;
      const { hour, looks } = policy(bottles, handsOf(seed + k, start));
      tally.add(name, bottles, chilledAt(bottles, hour), looks);
    }
  }
  console.log(tally.table());
}

function households(count: number, seed: number): void {
  const uniform = seededUniform(seed);
  const normal = seededNormal(seededUniform(seed + 1));
  const tally = new Tally();
  let [alive, acts, good] = [0, 0, 0];
  for (let h = 0; h < count; h++) {
    const household = drawHousehold(truths, uniform, normal);
    const lived = liveAs(household, uniform, normal);
    if (lived.jarAlive > 0.03) alive += 1;
    acts += lived.acts;
    for (const { number, bottles, start, looks, poured } of lived.batches) {
      const part = number < 3 ? 'batches 1–2' : 'batches 3 on';
      tally.add(`${part}: Yuzet careful, pilot`, bottles, poured, looks);
      if (tally.isGood(bottles, poured)) good += 7;
      for (const [name, policy] of Object.entries({ ...habits, clairvoyant })) {
        const chilling = policy(bottles, handsOf(seed + h, start));
        tally.add(`${part}: ${name}`, bottles, chilledAt(bottles, chilling.hour), chilling.looks);
      }
    }
    console.error(
      `${household.truth.name}: ${lived.batches.map(({ poured, looks }) => `${poured.volumes.toFixed(1)} (${looks})`).join(' · ')}`,
    );
  }
  console.log(tally.table());
  console.log(
    `\n${count} households, jars alive after 60 days ${alive}, acts and looks a good bottle ${(acts / Math.max(1, good)).toFixed(1)}`,
  );
}

turnToCompiledSteps();
const args = process.argv.slice(2);
if (args[0] === 'households') households(Number(args[1] ?? 4), Number(args[2] ?? 7));
else singleBatches(Number(args[0] ?? 40), Number(args[1] ?? 7), args[2]?.split(','));
