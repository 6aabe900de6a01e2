// Makers who follow advice, in kitchens whose truth is not the forecast's: what each policy pours. "npm run trial -- 40 7".
import { turnToCompiledSteps } from '../src/core/ferment/compiled/compile.ts';
import { seededNormal, seededUniform } from '../src/core/forecast/random.ts';
import { cultures, truths } from './calibration/truths.ts';
import { bySeason, clairvoyant, fixedDays, squeezing, yuzet, type Policy } from './trial/policies.ts';
import { bottlesOf, chilledAt } from './trial/world.ts';

const kitchens = Number(process.argv[2] ?? 40);
const seed = Number(process.argv[3] ?? 7);
const only = process.argv[4];

const policies: Readonly<Record<string, Policy>> = {
  'three days': fixedDays(3),
  'days by season': bySeason,
  'squeezed evenings, firm': squeezing([20], ['firm', 'rock']),
  'squeezed mornings and evenings, hard': squeezing([8, 20], ['rock']),
  'the same, four hours more': squeezing([8, 20], ['rock'], 4),
  'Yuzet careful, no look': yuzet('careful', null),
  'Yuzet careful, pilot': yuzet('careful', 'squeeze'),
  'Yuzet usual, pilot': yuzet('usual', 'squeeze'),
  'Yuzet careful, gauge': yuzet('careful', 'gaugeBar'),
  clairvoyant,
};

turnToCompiledSteps();
const evening = new Date(2026, 4, 4, 12).getTime();
for (const culture of [cultures.bug]) {
  console.log(
    `\n### ${culture.id}\n\n| policy | good | flat | over | burst per 10,000 | looks |\n|---|---|---|---|---|---|`,
  );
  for (const [name, policy] of Object.entries(policies)) {
    if (only && !name.includes(only)) continue;
    const uniform = seededUniform(seed);
    const normal = seededNormal(seededUniform(seed + 1));
    let [good, flat, over, burst, looks] = [0, 0, 0, 0, 0];
    for (let k = 0; k < kitchens; k++) {
      const bottles = bottlesOf(truths[k % truths.length]!, culture, uniform, normal);
      const start = evening + Math.floor(9 * uniform()) * 3_600_000;
      // Hands of their own: a policy that looks more often does not change the kitchens after it.
      const hands = {
        uniform: seededUniform(seed + 100 + k),
        normal: seededNormal(seededUniform(seed + 500 + k)),
        start,
      };
      const chilling = policy(bottles, hands);
      const poured = chilledAt(bottles, chilling.hour);
      const ratio = poured.volumes / bottles.wanted;
      if (ratio < 0.75) flat++;
      else if (ratio > 1.25) over++;
      else good++;
      burst += poured.burst;
      looks += chilling.looks;
    }
    const share = (n: number) => `${Math.round((100 * n) / kitchens)} %`;
    console.log(
      `| ${name} | ${share(good)} | ${share(flat)} | ${share(over)} | ${((1e4 * burst) / kitchens).toFixed(1)} | ${(looks / kitchens).toFixed(1)} |`,
    );
  }
}
