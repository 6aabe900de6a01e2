import { weighedEnsemble } from '../src/core/forecast/ensemble.ts';
import { learnVigour, type BatchLesson } from '../src/core/forecast/learn.ts';
import { passageHours, passageQuantiles } from '../src/core/forecast/passage.ts';
import { knownCultures } from '../src/core/cultures/registry.ts';
import { fermentOf } from '../src/core/ferment/ferment.ts';
import { placesOf, valuesAt, weightedQuantiles } from '../src/core/forecast/quantiles.ts';
import type { Quantity } from '../src/core/forecast/quantities.ts';
import { seededNormal, seededUniform } from '../src/core/forecast/random.ts';
import { Scenario, type Reading } from '../src/core/ferment/scenario.ts';
import { sealedBottleGas } from '../src/core/gas/sealed-bottle.ts';
import {
  at,
  drawBatch,
  drawKitchen,
  hourOf,
  otherFerment,
  type OtherCourse,
} from './calibration/other-model.ts';
import { familyCalibration } from './calibration/families.ts';

/** Puts the forecast to 300 kitchens whose truth comes from another model, and prints how it did. */
const kitchens = Number(process.argv[2] ?? 300);
const hours = 150;
const target = 2.5;
const uniform = seededUniform(2024);
const normal = seededNormal(uniform);

const scenarioFor = (sugar: number, celsius: number, vigour: number, spread: number, readings: Reading[]) =>
  Scenario.parse({
    schema: 'yuzet.scenario/1',
    base: 'ginger-tea',
    sugars: { sucrose: sugar },
    members: 200,
    readings,
    starter: { kind: 'ginger-bug', amountPerLitre: 80, vigour, vigourSpread: spread },
    stages: [{ hours, vessel: 'sealed', celsius, headspaceMl: 40 }],
  });

const gaugeOf = (course: OtherCourse, hour: number, celsius: number) =>
  sealedBottleGas(
    {
      liquidMl: 1000,
      headspaceMl: 40,
      celsius,
      sealedAtCelsius: celsius,
      sugarGramsPerLitre: at(course.sweetness, hour),
      ethanolGramsPerLitre: 3,
    },
    at(course.volumes, hour),
  ).gaugeBar - 0.18;

/** Three things a household notices: two pressures and a sip. */
function threeReadings(course: OtherCourse, celsius: number): Reading[] {
  const gauge = (hour: number): Reading => ({
    hour,
    kind: 'gaugeBar',
    value: Math.max(-0.4, gaugeOf(course, hour, celsius) + 0.15 * normal()),
  });
  const sweet = at(course.sweetness, 36) + 8 * normal();
  return [
    gauge(24),
    { hour: 36, kind: 'sweet', value: sweet < 15 ? 1 : sweet < 32 ? 2 : sweet < 55 ? 3 : sweet < 82 ? 4 : 5 },
    gauge(40),
  ];
}

function ask(scenario: Scenario) {
  const { run, logVigour } = weighedEnsemble(fermentOf(scenario));
  const passages = passageHours(run, 'heldVolumes', target, 'rises');
  const [low, middle, high] = passageQuantiles(run, passages, [0.05, 0.5, 0.95]) as [number, number, number];
  const band = (quantity: Quantity, hour: number) => {
    const places = placesOf(run);
    return weightedQuantiles(valuesAt(run, quantity, hour, places[hour]!), run.weights, [0.05, 0.95]) as [
      number,
      number,
    ];
  };
  return { low, middle: Math.min(middle, hours), high, band, logVigour };
}

const tally = { fizz: 0, sweet: 0, time: 0, timeAfter: 0, counts: 0, times: 0 };
const errors = { first: [] as number[], three: [] as number[], learnt: [] as number[] };

for (let k = 0; k < kitchens; k++) {
  const kitchen = drawKitchen(normal);
  const celsius = 18 + 8 * uniform();
  const sugar = 70 + 30 * uniform();
  const kindSpread = knownCultures('ginger-bug')!.vigourSpread;
  const lessons: BatchLesson[] = [];
  for (let b = 0; b < 5; b++) {
    const warm = celsius + normal();
    const past = otherFerment(drawBatch(kitchen, normal), sugar, warm, hours, normal);
    const { logVigour } = ask(scenarioFor(sugar, warm, 1, kindSpread, threeReadings(past, warm)));
    lessons.push({ logVigour: logVigour.mean, deviation: logVigour.deviation });
  }
  const course = otherFerment(drawBatch(kitchen, normal), sugar, celsius, hours, normal);
  const truth = Math.min(hours, hourOf(course.volumes, target));
  const first = ask(scenarioFor(sugar, celsius, 1, kindSpread, []));
  const three = ask(scenarioFor(sugar, celsius, 1, kindSpread, threeReadings(course, celsius)));
  const learned = learnVigour(lessons, kindSpread);
  const learnt = ask(scenarioFor(sugar, celsius, learned.vigour, learned.spread, []));
  for (const hour of [24, 36, 48, 72, 96]) {
    const fizz = first.band('heldVolumes', hour);
    const sweet = first.band('sweetnessGramsPerLitre', hour);
    tally.fizz += Number(at(course.volumes, hour) >= fizz[0] && at(course.volumes, hour) <= fizz[1]);
    tally.sweet += Number(at(course.sweetness, hour) >= sweet[0] && at(course.sweetness, hour) <= sweet[1]);
    tally.counts += 1;
  }
  tally.time += Number(truth >= Math.min(hours, first.low) && truth <= Math.min(hours, first.high));
  tally.timeAfter += Number(truth >= Math.min(hours, three.low) && truth <= Math.min(hours, three.high));
  tally.times += 1;
  errors.first.push(Math.abs(first.middle - truth));
  errors.three.push(Math.abs(three.middle - truth));
  errors.learnt.push(Math.abs(learnt.middle - truth));
}

// A sequence of its own: the families stay the same however many kitchens are asked for.
const familyUniform = seededUniform(2025);
const families = familyCalibration(
  Math.round((kitchens * 2) / 3),
  familyUniform,
  seededNormal(familyUniform),
);

const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const percent = (part: number, whole: number) => `${((100 * part) / whole).toFixed(1)} %`;
const rows = [
  ['90 % band of fizz holds the truth, no reading', percent(tally.fizz, tally.counts)],
  ['90 % band of sweetness holds the truth, no reading', percent(tally.sweet, tally.counts)],
  [`90 % band of the time to ${target} volumes holds it, no reading`, percent(tally.time, tally.times)],
  [
    `90 % band of the time to ${target} volumes holds it, three readings`,
    percent(tally.timeAfter, tally.times),
  ],
  ['mean error of that time, no reading', `${mean(errors.first).toFixed(1)} h`],
  [
    'mean error, three readings',
    `${mean(errors.three).toFixed(1)} h (${percent(mean(errors.three), mean(errors.first))} of it)`,
  ],
  [
    'mean error, no reading, five finished batches',
    `${mean(errors.learnt).toFixed(1)} h (${percent(mean(errors.learnt), mean(errors.first))} of it)`,
  ],
  ['a jar bottled in six: mean error of that time, no reading', `${families.meanError.unseen.toFixed(1)} h`],
  [
    'mean error of the five siblings, one bottle squeezed twice',
    `${families.meanError.squeezed.toFixed(1)} h (${percent(families.meanError.squeezed, families.meanError.unseen)} of it)`,
  ],
  ['their 90 % band holds it, no reading', percent(families.held.unseen, 1)],
  ['their 90 % band holds it, one bottle squeezed twice', percent(families.held.squeezed, 1)],
];
console.log(`| ${kitchens} kitchens of another model | |\n| --- | --- |`);
for (const [name, value] of rows) console.log(`| ${name} | ${value} |`);
