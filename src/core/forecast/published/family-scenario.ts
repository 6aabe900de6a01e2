import { z } from 'zod';
import { doseFault, headspaceFault, Scenario, Stage, tooMuchWork } from '../../ferment/scenario/scenario';

const hour = z
  .number()
  .min(0)
  .max(24 * 366);
const grams = z.number().min(0).max(20_000);

/** Something stirred into the jar: a liquid with what it holds, or dry sugar or acid alone. Amounts in all, not per litre. */
const Addition = z
  .strictObject({
    hour,
    litres: z.number().min(0).max(100).default(0),
    sucroseGrams: grams.default(0),
    glucoseGrams: grams.default(0),
    fructoseGrams: grams.default(0),
    citricGrams: grams.default(0),
    malicGrams: grams.default(0),
  })
  .refine(
    (a) => a.litres + a.sucroseGrams + a.glucoseGrams + a.fructoseGrams + a.citricGrams + a.malicGrams > 0,
    'something must be added',
  );

/** Hours from the family's start. */
const FamilyReading = Scenario.shape.readings.unwrap().element;

const Bottle = z.strictObject({
  name: z.string().min(1).max(80),
  /** When it was filled, hours from the family's start. */
  fromHour: hour,
  litres: z.number().min(0.02).max(20),
  /** Sugar of its own, g in the bottle. */
  sucroseGrams: grams.default(0),
  stages: z.array(Stage).min(1).max(100),
  readings: z.array(FamilyReading).max(200).default([]),
});

/** A question about a whole family: a jar with additions, and the bottles filled from it, each with its own dose, places and readings. */
export const FamilyScenario = z
  .strictObject({
    schema: z.literal('yuzet.family/1'),
    base: Scenario.shape.base,
    citrusMlPerLitre: Scenario.shape.citrusMlPerLitre,
    sugars: Scenario.shape.sugars,
    co2Volumes: Scenario.shape.co2Volumes,
    starter: Scenario.shape.starter,
    members: z.number().int().min(1).max(2000).default(720),
    seed: Scenario.shape.seed,
    stepHours: Scenario.shape.stepHours,
    jar: z.strictObject({
      liquidLitres: z.number().min(0.05).max(100),
      stages: z.array(Stage).min(1).max(100),
      additions: z.array(Addition).max(50).default([]),
      readings: z.array(FamilyReading).max(200).default([]),
    }),
    bottles: z.array(Bottle).max(60).default([]),
  })
  .superRefine((family, context) => {
    const total = family.jar.stages.reduce((sum, stage) => sum + stage.hours, 0);
    const fault = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    const dose = doseFault(family.starter);
    if (dose) fault(['starter', dose.path], dose.message);
    const lots = family.bottles.map(({ stages }) => stages.reduce((sum, stage) => sum + stage.hours, 0));
    const work = tooMuchWork(
      family.members,
      lots.reduce((sum, hours) => sum + hours, total),
    );
    if (work) fault(['members'], work);
    family.jar.additions.forEach(
      (each, i) =>
        each.hour > total &&
        fault(['jar', 'additions', i, 'hour'], `after the jar's last stage ends (${total} h)`),
    );
    family.jar.stages.forEach((stage, i) => {
      const full = headspaceFault(stage, family.jar.liquidLitres);
      if (full) fault(['jar', 'stages', i, 'headspaceMl'], full);
    });
    family.bottles.forEach((bottle, i) => {
      bottle.stages.forEach((stage, s) => {
        const full = headspaceFault(stage, bottle.litres);
        if (full) fault(['bottles', i, 'stages', s, 'headspaceMl'], full);
      });
      if (bottle.fromHour > total)
        fault(['bottles', i, 'fromHour'], `after the jar's last stage ends (${total} h)`);
      const end = bottle.fromHour + bottle.stages.reduce((sum, stage) => sum + stage.hours, 0);
      if (end / family.stepHours > 9000) fault(['stepHours'], 'too fine for so long a time: over 9000 steps');
      bottle.readings.forEach(
        (reading, r) =>
          (reading.hour < bottle.fromHour || reading.hour > end) &&
          fault(
            ['bottles', i, 'readings', r, 'hour'],
            `outside this bottle's time (${bottle.fromHour}–${end} h)`,
          ),
      );
    });
    family.jar.readings.forEach(
      (reading, i) =>
        reading.hour > total &&
        fault(['jar', 'readings', i, 'hour'], `after the jar's last stage ends (${total} h)`),
    );
  });
export type FamilyScenario = z.infer<typeof FamilyScenario>;
export type FamilyScenarioInput = z.input<typeof FamilyScenario>;

/** The example the documentation shows; parsed in a test. */
export const familyExample: FamilyScenarioInput = {
  schema: 'yuzet.family/1',
  base: 'ginger-tea',
  sugars: { sucrose: 90 },
  starter: { kind: 'ginger-bug', amountPerLitre: 80, unit: 'ml' },
  jar: {
    liquidLitres: 2,
    stages: [{ hours: 24, vessel: 'airlock', celsius: 22 }],
    additions: [{ hour: 20, litres: 0.05, sucroseGrams: 5 }],
    readings: [{ hour: 22, kind: 'sg', value: 1.033 }],
  },
  bottles: [
    {
      name: 'pilot',
      fromHour: 24,
      litres: 0.48,
      stages: [{ hours: 72, vessel: 'sealed', celsius: 22, headspaceMl: 20 }],
      readings: [{ hour: 48, kind: 'squeeze', value: 'gives' }],
    },
    {
      name: 'glass, primed',
      fromHour: 24,
      litres: 0.48,
      sucroseGrams: 2,
      stages: [
        { hours: 30, vessel: 'sealed', celsius: 22, headspaceMl: 20 },
        { hours: 42, vessel: 'sealed', celsius: 4, headspaceMl: 20 },
      ],
    },
  ],
};
