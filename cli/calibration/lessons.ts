import { knownCultures } from '../../src/core/cultures/registry.ts';
import { learnVigour, type BatchLesson } from '../../src/core/forecast/learn.ts';
import { askOf, readingsOf, scenarioOf } from './judge.ts';
import {
  courseOf,
  drawBatch,
  drawKitchen,
  hourOf,
  target,
  weatherOf,
  type CultureOfTruth,
  type truths,
} from './truths.ts';

/** Mean error of the time to the target, hours, of a kitchen's sixth batch: at first sight, and after lessons of five. */
export function learnedError(
  truth: (typeof truths)[number],
  culture: CultureOfTruth,
  kitchens: number,
  uniform: () => number,
  normal: () => number,
): { readonly first: number; readonly learned: number } {
  const spread = knownCultures(culture.id)!.vigourSpread;
  const errors = { first: 0, learned: 0 };
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
    const lessons = Array.from({ length: 5 }, (): BatchLesson => {
      const { batch, course } = brew();
      const { logVigour } = askOf(
        scenarioOf(culture, batch, readingsOf(course, culture.hoursToTarget, normal)),
        batch.hours,
      );
      return { logVigour: logVigour.mean, deviation: logVigour.deviation };
    });
    const { batch, course } = brew();
    const hour = Math.min(batch.hours, hourOf(course.volumes, target));
    const learned = learnVigour(lessons, spread);
    const plain = scenarioOf(culture, batch, []);
    const taught = scenarioOf(culture, batch, [], { vigour: learned.vigour, vigourSpread: learned.spread });
    errors.first += Math.abs(askOf(plain, batch.hours).quantiles[2]! - hour) / kitchens;
    errors.learned += Math.abs(askOf(taught, batch.hours).quantiles[2]! - hour) / kitchens;
  }
  return errors;
}
