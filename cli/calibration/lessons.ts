import { knownCultures } from '../../src/core/cultures/registry.ts';
import { learn, type Lesson } from '../../src/core/forecast/ensemble/lessons.ts';
import { askOf, scenarioOf, threeReadings } from './judge.ts';
import { courseOf, drawBatch, drawKitchen, hourOf, target, weatherOf } from './courses.ts';
import { type CultureOfTruth, type truths } from './truths.ts';

export interface LearnedErrors {
  readonly first: number;
  readonly learned: number;
  readonly roomFirst: number;
  readonly roomLearned: number;
  readonly held: number;
}

/**
 * A kitchen's sixth batch, at first sight and after lessons of five: mean error of the time to the target, hours; mean error
 * of the room's offset, °C; how often the 90 % band holds the time after lessons.
 */
export function learnedError(
  truth: (typeof truths)[number],
  culture: CultureOfTruth,
  kitchens: number,
  uniform: () => number,
  normal: () => number,
): LearnedErrors {
  const spread = knownCultures(culture.id)!.vigourSpread;
  const errors = { first: 0, learned: 0, roomFirst: 0, roomLearned: 0, held: 0 };
  for (let k = 0; k < kitchens; k++) {
    const kitchen = drawKitchen(normal);
    const celsius = culture.celsius - 3 + 6 * uniform();
    const brew = () => {
      const batch = {
        truth,
        culture,
        kitchen: drawBatch(kitchen, normal),
        sugar: culture.sugar,
        celsius: celsius + normal(),
        hours: Math.ceil(3.4 * culture.hoursToTarget),
      };
      return { batch, course: courseOf(batch, weatherOf(batch, normal)) };
    };
    const lessons = Array.from({ length: 5 }, (): Lesson => {
      const { batch, course } = brew();
      const { posterior } = askOf(
        scenarioOf(
          culture,
          batch,
          threeReadings(course, culture.hoursToTarget, [normal(), normal(), normal()]),
        ),
        batch.hours,
      );
      return { at: 0, culture: culture.id, starter: 'one', posterior };
    });
    const { batch, course } = brew();
    const hour = Math.min(batch.hours, hourOf(course.volumes, target));
    const learned = learn(lessons, { culture: culture.id, starter: 'one', now: 0, kindSpread: spread });
    const plain = scenarioOf(culture, batch, []);
    const taught = scenarioOf(culture, batch, [], { vigour: learned.vigour, vigourSpread: learned.spread });
    errors.first += Math.abs(askOf(plain, batch.hours).quantiles[2]! - hour) / kitchens;
    const { quantiles } = askOf(taught, batch.hours, learned.kitchen);
    errors.learned += Math.abs(quantiles[2]! - hour) / kitchens;
    errors.held += hour >= quantiles[0]! && hour <= quantiles[4]! ? 1 / kitchens : 0;
    errors.roomFirst += Math.abs(kitchen.offset) / kitchens;
    errors.roomLearned += Math.abs(learned.kitchen.offset.mean - kitchen.offset) / kitchens;
  }
  return errors;
}
