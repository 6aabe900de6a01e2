import type { Stepper } from '../../ferment/run/stepper';
import { recordOf } from '../../record-of';
import {
  fermentOf,
  type Ferment,
  type Inflow,
  type LotStage,
  type Reading,
} from '../../ferment/scenario/ferment';
import type { Scenario } from '../../ferment/scenario/scenario';
import { millilitresPerGram } from '../../matter/substances';
import type { ForecastWarning } from '../ensemble/warnings';
import { weighedFamily } from '../ensemble/ensemble';
import type { Family } from '../run/family';
import type { FamilyScenario } from './family-scenario';
import { publishedSeries } from './forecast';
import { seriesOf } from '../read-off/quantiles';
import { quantileLevels, type FiveNumbers } from '../read-off/weighted-quantiles';
import type { StoredRun } from '../run/stored-run';

/** One lot of a family's forecast. */
interface LotForecast {
  readonly name: string;
  readonly hours: readonly number[];
  readonly series: Readonly<Record<(typeof publishedSeries)[number], readonly FiveNumbers[]>>;
}

/** A family's forecast as files and the command line carry it. */
export interface FamilyForecast {
  readonly schema: 'yuzet.family-forecast/1';
  readonly quantiles: typeof quantileLevels;
  readonly jar: LotForecast;
  readonly bottles: readonly LotForecast[];
  readonly effectiveMembers: number;
  readonly warnings: readonly ForecastWarning[];
}

/** The family that a published question describes. */
export function familyOfScenario(scenario: FamilyScenario): Family {
  const { jar, bottles } = scenario;
  const asOne: Scenario = {
    ...scenario,
    schema: 'yuzet.scenario/1',
    liquidLitres: jar.liquidLitres,
    stages: jar.stages,
    readings: [],
  };
  const root: Ferment = {
    ...fermentOf(asOne),
    stages: withAdditions(scenario),
    readings: jar.readings as readonly Reading[],
    longSteps: true,
  };
  return {
    root,
    lots: ['jar'],
    branches: bottles.map((bottle) => ({
      lots: [bottle.name],
      parent: -1,
      fromHour: bottle.fromHour,
      liquidLitres: bottle.litres,
      readings: bottle.readings as readonly Reading[],
      stages: bottle.stages.map((stage, i): LotStage => ({
        ...stage,
        liquidMl: bottle.litres * 1000,
        ...(i === 0 && bottle.sucroseGrams > 0
          ? { inflows: [drySugar(bottle.sucroseGrams, bottle.litres)] }
          : {}),
      })),
    })),
  };
}

const none = {
  sucrose: 0,
  glucose: 0,
  fructose: 0,
  citric: 0,
  malic: 0,
  lactic: 0,
  acetic: 0,
  ethanol: 0,
  yeast: 0,
  lactics: 0,
  acetics: 0,
};

/** Dry sugar stirred into some litres. */
function drySugar(grams: number, litres: number): Inflow {
  const own = (grams * millilitresPerGram.sucrose) / 1000;
  return { ...none, share: own / (own + litres), sucrose: 1000 / millilitresPerGram.sucrose };
}

/** The jar's stages, cut where something was stirred in. */
function withAdditions({ jar }: FamilyScenario): LotStage[] {
  const additions = [...jar.additions].sort((a, b) => a.hour - b.hour);
  const stages: LotStage[] = [];
  let litres = jar.liquidLitres;
  let from = 0;
  let waiting: Inflow[] = [];
  for (const stage of jar.stages) {
    const to = from + stage.hours;
    for (let next = additions[0]; next && next.hour < to - 1e-9; next = additions[0]) {
      additions.shift();
      if (next.hour > from + 1e-9) {
        stages.push({
          ...stage,
          hours: next.hour - from,
          liquidMl: litres * 1000,
          ...(waiting.length > 0 ? { inflows: waiting } : {}),
        });
        waiting = [];
        from = next.hour;
      }
      const sugar = next.sucroseGrams + next.glucoseGrams + next.fructoseGrams;
      const acid = next.citricGrams + next.malicGrams;
      const added =
        next.litres + (sugar * millilitresPerGram.sucrose + acid * millilitresPerGram.citric) / 1000;
      litres += added;
      const per = (grams: number) => grams / added;
      waiting.push({
        ...none,
        share: added / litres,
        sucrose: per(next.sucroseGrams),
        glucose: per(next.glucoseGrams),
        fructose: per(next.fructoseGrams),
        citric: per(next.citricGrams),
        malic: per(next.malicGrams),
      });
    }
    stages.push({
      ...stage,
      hours: to - from,
      liquidMl: litres * 1000,
      ...(waiting.length > 0 ? { inflows: waiting } : {}),
    });
    waiting = [];
    from = to;
  }
  return stages;
}

/**
 * Answers a question about a family: quantiles of every series for the jar and each bottle.
 *
 * @param scenario validated by `FamilyScenario`
 * @returns plain data; the same scenario gives the same bytes
 */
export function forecastFamily(scenario: FamilyScenario, stepper: Stepper): FamilyForecast {
  const { runs, effectiveMembers, warnings } = weighedFamily(familyOfScenario(scenario), stepper);
  const lot = (name: string, run: StoredRun): LotForecast => ({
    name,
    hours: run.hours,
    series: recordOf(publishedSeries, (series) => seriesOf(run, series)),
  });
  return {
    schema: 'yuzet.family-forecast/1',
    quantiles: quantileLevels,
    jar: lot('jar', runs[0]!),
    bottles: scenario.bottles.map(({ name }, i) => lot(name, runs[i + 1]!)),
    effectiveMembers: Math.round(effectiveMembers * 10) / 10,
    warnings: [...warnings, ...overdrawn(scenario)],
  };
}

/** Said when the bottles hold more than the jar ever did. */
function overdrawn({ jar, bottles }: FamilyScenario): ForecastWarning[] {
  const there = jar.additions.reduce((sum, { litres }) => sum + litres, jar.liquidLitres);
  const filled = bottles.reduce((sum, { litres }) => sum + litres, 0);
  if (filled <= there * 1.005) return [];
  return [{ code: 'bottles.more-than-jar', params: { filled, there } }];
}
