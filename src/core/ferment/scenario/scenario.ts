import { z } from 'zod';
import { leastHeadspaceShare, whyHeadspace } from '../../gas/headspace';
import { lotSigns } from '../../lots/signs';
import { baseKinds } from '../../matter/base-kinds';
import { gramStarters, selfStarting, signs, starterKinds, vesselStates } from './scenario-kinds';

const gramsPerLitre = z.number().min(0).max(400);

/** Most sugar of all kinds together, g/L: thicker syrups keep, they do not ferment. */
const mostSugar = 500;

const Sugars = z
  .strictObject({
    sucrose: gramsPerLitre.default(0),
    glucose: gramsPerLitre.default(0),
    fructose: gramsPerLitre.default(0),
  })
  .refine(
    ({ sucrose, glucose, fructose }) => sucrose + glucose + fructose <= mostSugar,
    `more than ${mostSugar} g/L of sugar in all does not ferment`,
  );

export const Stage = z.strictObject({
  hours: z
    .number()
    .positive()
    .max(24 * 366),
  vessel: z.enum(vesselStates),
  celsius: z.number().min(-2).max(45),
  headspaceMl: z.number().min(0).max(100_000).default(50),
  sealedAtCelsius: z.number().min(-2).max(45).optional(),
  addSugars: Sugars.optional(),
  ventEveryHours: z.number().min(0.5).max(1000).nullable().default(null),
  stirred: z.boolean().default(false),
});
export type Stage = z.infer<typeof Stage>;

const hour = z
  .number()
  .min(0)
  .max(24 * 366);
const measured = <K extends string>(kind: K, low: number, high: number) =>
  z.strictObject({ hour, kind: z.literal(kind), value: z.number().min(low).max(high) });
const felt = <K extends string, V extends readonly [string, ...string[]]>(kind: K, values: V) =>
  z.strictObject({ hour, kind: z.literal(kind), value: z.enum(values) });
const scored = <K extends string>(kind: K) =>
  z.strictObject({ hour, kind: z.literal(kind), value: z.number().int().min(1).max(5) });

/** One thing that was read or felt, and how many hours after the start. */
export const Reading = z.discriminatedUnion('kind', [
  measured('sg', 0.98, 1.2),
  measured('brix', 0, 45),
  measured('ph', 1.5, 9),
  measured('gaugeBar', -0.5, 12),
  measured('celsius', -5, 60),
  felt('squeeze', signs.squeeze),
  felt('lid', signs.lid),
  felt('hiss', signs.hiss),
  felt('foam', signs.foam),
  felt('bubbles', signs.bubbles),
  scored('sweet'),
  scored('sour'),
  felt('film', lotSigns.film),
  felt('smell', lotSigns.smell),
  felt('colour', lotSigns.colour),
  felt('sediment', lotSigns.sediment),
  felt('grains', lotSigns.grains),
  scored('fizz'),
  scored('strength'),
]);
export type Reading = z.infer<typeof Reading>;

const Starter = z.strictObject({
  kind: z.enum(starterKinds),
  amountPerLitre: z.number().min(0).max(1000).default(0),
  unit: z.enum(['ml', 'g']).optional(),
  vigour: z.number().min(0.02).max(5).default(1),
  /** Days since it was packed, strained or drawn, and where it waited: an old packet or old whey is weaker and slower. */
  ageDays: z.number().min(0).max(3650).default(0),
  keptCelsius: z.number().min(-25).max(45).default(20),
  /** How unsure the vigour is: standard deviation of its logarithm. Left out: the kind's usual spread. */
  vigourSpread: z.number().min(0).max(1).optional(),
});

/** Kitchens times hours that are worked out for one question: some seconds of work. */
const mostMemberHours = 4e6;

/** Says what is wrong with a dose, if anything. */
export function doseFault({
  kind,
  amountPerLitre,
  unit,
}: z.output<typeof Starter>): { path: string; message: string } | null {
  if (kind === 'none') return null;
  const right = gramStarters.includes(kind) ? 'g' : 'ml';
  if (unit !== undefined && unit !== right)
    return { path: 'unit', message: `${kind} is measured in ${right}` };
  return amountPerLitre === 0 && !selfStarting.includes(kind)
    ? { path: 'amountPerLitre', message: `how much ${kind}? Give ${right} per litre` }
    : null;
}

/** Says that so many kitchens over so long a time are too much, if they are. */
export const tooMuchWork = (members: number, hours: number): string | null =>
  members * hours > mostMemberHours
    ? `${members} kitchens over ${Math.round(hours)} h are more than can be worked out at once: at most ${Math.floor(mostMemberHours / hours)} for so long a time`
    : null;

/** Says that a vessel is shut too full to tell its pressure, if it is. */
export function headspaceFault({ vessel, headspaceMl }: Stage, liquidLitres: number): string | null {
  const least = 1000 * liquidLitres * leastHeadspaceShare;
  return vessel === 'sealed' && headspaceMl < least
    ? `leave at least ${Math.ceil(least)} ml (2 %): ${whyHeadspace}`
    : null;
}

/** A question to the forecast: what goes in, through which stages, and what was seen so far. */
export const Scenario = z
  .strictObject({
    schema: z.literal('yuzet.scenario/1'),
    liquidLitres: z.number().min(0.05).max(100).default(1),
    base: z.enum(baseKinds).default('syrup'),
    citrusMlPerLitre: z.number().min(0).max(300).default(0),
    sugars: Sugars.default({ sucrose: 0, glucose: 0, fructose: 0 }),
    co2Volumes: z.number().min(0).max(8).default(0),
    starter: Starter.default({ kind: 'none', amountPerLitre: 0, vigour: 1, ageDays: 0, keptCelsius: 20 }),
    stages: z.array(Stage).min(1).max(200),
    members: z.number().int().min(1).max(5000).default(400),
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 32 - 1)
      .default(7),
    stepHours: z.number().min(0.25).max(24).default(1),
    readings: z.array(Reading).max(500).default([]),
  })
  .superRefine((scenario, context) => {
    const dose = doseFault(scenario.starter);
    if (dose) context.addIssue({ code: 'custom', path: ['starter', dose.path], message: dose.message });
    const total = scenario.stages.reduce((sum, stage) => sum + stage.hours, 0);
    const work = tooMuchWork(scenario.members, total);
    if (work) context.addIssue({ code: 'custom', path: ['members'], message: work });
    if (total > 24 * 366)
      context.addIssue({ code: 'custom', path: ['stages'], message: 'more than a year in all' });
    if (total / scenario.stepHours > 9000) {
      context.addIssue({
        code: 'custom',
        path: ['stepHours'],
        message: 'too fine for so long a time: over 9000 steps',
      });
    }
    scenario.stages.forEach((stage, index) => {
      const message = headspaceFault(stage, scenario.liquidLitres);
      if (message) context.addIssue({ code: 'custom', path: ['stages', index, 'headspaceMl'], message });
    });
    scenario.readings.forEach((reading, index) => {
      if (reading.hour > total) {
        context.addIssue({
          code: 'custom',
          path: ['readings', index, 'hour'],
          message: `after the last stage ends (${total} h)`,
        });
      }
    });
  });
export type Scenario = z.infer<typeof Scenario>;
export type ScenarioInput = z.input<typeof Scenario>;

/** The example the documentation shows; parsed in a test. */
export const scenarioExample: ScenarioInput = {
  schema: 'yuzet.scenario/1',
  liquidLitres: 1,
  base: 'ginger-tea',
  sugars: { sucrose: 90 },
  starter: { kind: 'ginger-bug', amountPerLitre: 80, unit: 'ml' },
  stages: [
    { hours: 24, vessel: 'airlock', celsius: 21 },
    { hours: 72, vessel: 'sealed', celsius: 21, headspaceMl: 50, addSugars: { sucrose: 8 } },
  ],
  readings: [{ hour: 24, kind: 'sg', value: 1.034 }],
};
