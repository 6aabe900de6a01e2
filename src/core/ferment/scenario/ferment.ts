import type { Culture } from '../../cultures/culture';
import { knownCultures } from '../../cultures/registry';
import type { Reading, Scenario, Stage } from './scenario';

import { doseAlive } from './dose-age';
import type { BaseKind } from '../../matter/base-kinds';

export type { Reading };

/** A liquid that comes in at the start of a stage: how much of the jar it then is, and what a litre of it holds. */
export interface Inflow {
  /** Its share of the liquid afterwards, above 0 and at most 1. */
  readonly share: number;
  /** g per litre of the incoming liquid. */
  readonly sucrose: number;
  readonly glucose: number;
  readonly fructose: number;
  readonly citric: number;
  readonly malic: number;
  readonly lactic: number;
  readonly acetic: number;
  readonly ethanol: number;
  /** Live mass it brings, g per litre of it; 0 for what is not alive. */
  readonly yeast: number;
  readonly lactics: number;
  readonly acetics: number;
}

/** A stretch of a lot's life in which nothing changes, with what came in at its start. */
export interface LotStage extends Stage {
  readonly inflows?: readonly Inflow[];
  /** Liquid in the vessel, ml, when it is not the ferment's own. */
  readonly liquidMl?: number;
  /** Surface of the liquid, cm²; the default jar is as wide as its liquid is high. */
  readonly surfaceCm2?: number;
  /** Whether it was stirred once, as the stage began. */
  readonly stirredOnce?: boolean;
}

/** How a jar that is kept lives on: fades and dies when starved, and loses alcohol through its cloth. Rates per hour at the best temperature. */
export interface Kept {
  readonly starving: number;
  /** Death of starved cells, per hour at the best temperature. */
  readonly hungerDying: number;
  readonly airing: number;
  /** Most yeast and bacteria it lets grow, g/L. */
  readonly yeastCapacity: number;
  readonly lacticCapacity: number;
  /** State at hour 0 when it was not begun then. */
  readonly settled: {
    readonly yeast: number;
    readonly lactics: number;
    readonly acetics: number;
    readonly ready: number;
    readonly ethanol: number;
    readonly lactic: number;
  } | null;
  readonly lagWork: number;
  readonly fresh: { readonly yeast: number; readonly lactics: number; readonly acetics: number };
}

/** A normal belief. */
export interface Gaussian {
  readonly mean: number;
  readonly deviation: number;
}

/** What is known of a kitchen before a ferment: room and fridge against what is written, °C, and the logarithm of the pace kept in the cold. */
export interface KnownKitchen {
  readonly offset: Gaussian;
  readonly fridge: Gaussian;
  readonly coldActivity: Gaussian;
}

/** What is integrated: a jar or a bottle with all that is known of it. Plain data, so that a worker can be asked for it. */
export interface Ferment {
  readonly liquidLitres: number;
  readonly base: BaseKind;
  /** Acids beyond the base's own, g/L. */
  readonly citric: number;
  readonly malic: number;
  readonly sugars: { readonly sucrose: number; readonly glucose: number; readonly fructose: number };
  readonly co2Volumes: number;
  /**
   * What a living dose had made before it came, g per litre of the jar, and the sugar it had eaten for that since its last feed;
   * by its kind alone when left out.
   */
  readonly brought?: {
    readonly ethanol: number;
    readonly lactic: number;
    readonly acetic: number;
    readonly eaten: number;
  };
  readonly culture: Culture | null;
  readonly amountPerLitre: number;
  /** What lives of the dose after its age: 1 when fresh. */
  readonly doseAlive: number;
  readonly vigour: number;
  readonly vigourSpread: number;
  /** What was learned of the kitchen; null for nothing. */
  readonly kitchen: KnownKitchen | null;
  readonly kept: Kept | null;
  readonly stages: readonly LotStage[];
  readonly readings: readonly Reading[];
  readonly members: number;
  readonly seed: number;
  readonly stepHours: number;
  /** Whether the integrator may take long steps where nothing is fast: in the cold, and over months. */
  readonly longSteps: boolean;
}

/** Citric acid in lemon or lime juice, g per ml (food composition tables: 45–60 g/L). */
const citricPerMlOfCitrus = 0.05;

/** The ferment that a published scenario describes. */
export function fermentOf(scenario: Scenario): Ferment {
  const { starter } = scenario;
  const culture = knownCultures(starter.kind === 'none' ? null : starter.kind);
  return {
    liquidLitres: scenario.liquidLitres,
    base: scenario.base,
    citric: scenario.citrusMlPerLitre * citricPerMlOfCitrus,
    malic: 0,
    sugars: scenario.sugars,
    co2Volumes: scenario.co2Volumes,
    culture,
    amountPerLitre: starter.amountPerLitre,
    doseAlive: doseAlive(culture, starter.ageDays, starter.keptCelsius),
    vigour: starter.vigour,
    vigourSpread: starter.vigourSpread ?? culture?.vigourSpread ?? usualVigourSpread,
    kitchen: null,
    kept: null,
    stages: scenario.stages,
    readings: scenario.readings,
    members: scenario.members,
    seed: scenario.seed,
    stepHours: scenario.stepHours,
    longSteps: false,
  };
}

/** Spread of the vigour where no culture says another, standard deviation of the logarithm. */
export const usualVigourSpread = 0.28;
