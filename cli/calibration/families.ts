import { stepper } from '../stepper.ts';
import { knownCultures } from '../../src/core/cultures/registry.ts';
import { weighedFamily } from '../../src/core/forecast/ensemble/ensemble.ts';
import { familyOfScenario } from '../../src/core/forecast/published/family-forecast.ts';
import { FamilyScenario } from '../../src/core/forecast/published/family-scenario.ts';
import { firstPassageHours, passageQuantiles } from '../../src/core/forecast/read-off/first-passage.ts';
import { squeezeWord } from './judge.ts';
import { courseOf, drawBatch, drawKitchen, gaugeAt, hourOf, target, weatherOf } from './courses.ts';
import { cultures, truths } from './truths.ts';

/** A jar under an airlock for a day, then six bottles; the second is squeezed 16 and 30 hours after it was filled. */
const bottledAt = 24;
const hours = 174;
const squeezedAt = [40, 54];
const bottles = 6;

/**
 * The five siblings have one history between them, and so one forecast, as in the app.
 * @returns 5 %, 50 % and 95 % of the hour at which a sibling of the squeezed bottle reaches the target
 */
function ask(sugar: number, celsius: number, squeezes: readonly { hour: number; value: string }[]) {
  const scenario = FamilyScenario.parse({
    schema: 'yuzet.family/1',
    base: 'ginger-tea',
    sugars: { sucrose: sugar },
    starter: {
      kind: 'ginger-bug',
      amountPerLitre: 80,
      vigourSpread: knownCultures('ginger-bug')!.vigourSpread,
    },
    members: 200,
    jar: { liquidLitres: 3, stages: [{ hours: bottledAt, vessel: 'airlock', celsius }] },
    bottles: ['squeezed', 'siblings'].map((name) => ({
      name,
      fromHour: bottledAt,
      litres: 0.48,
      stages: [{ hours: hours - bottledAt, vessel: 'sealed', celsius, headspaceMl: 20 }],
      readings: name === 'squeezed' ? squeezes.map((squeeze) => ({ ...squeeze, kind: 'squeeze' })) : [],
    })),
  });
  const { runs } = weighedFamily(familyOfScenario(scenario), stepper);
  const siblings = runs.at(-1)!;
  const passages = firstPassageHours(siblings, 'heldVolumes', target, 'rises');
  return passageQuantiles(siblings, passages, [0.05, 0.5, 0.95]) as [number, number, number];
}

/** How much a squeeze of one bottle tells of its siblings, over so many families whose truth comes from another model. */
export function familyCalibration(draws: number, uniform: () => number, normal: () => number) {
  const errors = { unseen: 0, squeezed: 0 };
  const held = { unseen: 0, squeezed: 0 };
  let count = 0;
  for (let draw = 0; draw < draws; draw++) {
    const celsius = 18 + 8 * uniform();
    const sugar = 70 + 30 * uniform();
    const batch = {
      truth: truths[0]!,
      culture: cultures.bug,
      kitchen: drawBatch(drawKitchen(normal), normal),
      sugar,
      celsius,
      hours,
      sealedFrom: bottledAt,
    };
    const weather = weatherOf(batch, normal);
    const courses = Array.from({ length: bottles }, () =>
      courseOf({ ...batch, own: Math.exp(0.03 * normal()) }, weather),
    );
    const squeezes = squeezedAt.map((hour) => ({
      hour,
      value: squeezeWord(gaugeAt(courses[1]!, hour) + 0.25 * normal()),
    }));
    const answers = { unseen: ask(sugar, celsius, []), squeezed: ask(sugar, celsius, squeezes) };
    const arrivals = courses
      .filter((_, i) => i !== 1)
      .map(({ volumes }) => Math.min(hours, hourOf(volumes, target)));
    for (const truth of arrivals) {
      count += 1;
      for (const way of ['unseen', 'squeezed'] as const) {
        const [low, middle, high] = answers[way];
        errors[way] += Math.abs(Math.min(hours, middle) - truth);
        held[way] += Number(truth >= Math.min(hours, low) && truth <= Math.min(hours, high));
      }
    }
  }
  return {
    meanError: { unseen: errors.unseen / count, squeezed: errors.squeezed / count },
    held: { unseen: held.unseen / count, squeezed: held.squeezed / count },
  };
}
