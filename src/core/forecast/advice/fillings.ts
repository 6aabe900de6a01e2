import type { Caution } from '../../settings/caution';
import type { WakingHours } from '../../kitchen/waking';
import { strengthOf } from '../../vessels/strength';
import type { VesselId } from '../../vessels/vessel-kinds';
import { spanAt, stageSpans } from '../../ferment/run/time-table';
import { bottleAdvice } from './bottle-advice';
import type { StoredRun } from '../run/stored-run';
import { whatIf } from '../what-if/what-if';
import { hourMs } from '../../duration';

/** Ways to fill a jar's liquid: as it is planned, and what would make it come right more often without more care. */
const fillingWays = ['as-planned', 'squeezed', 'stronger', 'cooler', 'less-dose'] as const;
export type FillingWay = (typeof fillingWays)[number];

export interface FillingOutcome {
  readonly way: FillingWay;
  /** Chances that its fizz is good, flat and too much when nobody looks and it is chilled at the best hour, 0–1. */
  readonly good: number;
  readonly flat: number;
  readonly over: number;
  /** That hour, hours after the filling. */
  readonly chillHour: number;
}

export interface FillingAsk {
  /** When it is filled, hours from the run's start; instant of hour 0, ms. */
  readonly hour: number;
  readonly start: number;
  readonly waking: WakingHours;
  readonly caution: Caution;
  readonly wantedVolumes: number;
  /** Sweetness wanted when it is poured, g/L. */
  readonly wantedSweetness: number;
  readonly ceilingPercent: number | null;
  /** The weakest kind of bottle among them, and how many there are. */
  readonly bottle: VesselId;
  readonly bottles: number;
  /** Headspace as a share of the liquid, and what is dosed, g/L of sucrose in the bottle. */
  readonly headspaceShare: number;
  readonly doseGramsPerLitre: number;
}

const strongest: VesselId = 'sparkling-wine';
/** A cupboard or a cellar against the counter, °C. */
const coolerBy = 4;
/** Doses below this change nothing, g/L. */
const leastDose = 2;
const kitchens = 96;
const followedHours = 10 * 24;

const changes: Readonly<Record<FillingWay, { readonly celsius?: number; readonly dose?: number }>> = {
  'as-planned': {},
  squeezed: {},
  stronger: {},
  cooler: { celsius: -coolerBy },
  'less-dose': { dose: 0.5 },
};

/**
 * What a filling comes to when nobody looks at it, as it is planned and changed in one thing. Some ten milliseconds a way: for a
 * worker.
 *
 * @param run the jar's run, which reaches `hour`
 * @returns the plan first, then the ways there are; nothing where nobody knows what such glass bears
 */
export function fillingOutcomes(run: StoredRun, ask: FillingAsk): FillingOutcome[] {
  const { stage } = spanAt(stageSpans(run.ferment.stages), ask.hour);
  const liquidMl = run.ferment.liquidLitres * 1000;
  return fillingWays.flatMap((way): FillingOutcome[] => {
    const strength = strengthOf(way === 'stronger' ? strongest : ask.bottle);
    if (!strength || (way === 'stronger' && ask.bottle === strongest)) return [];
    if (way === 'less-dose' && ask.doseGramsPerLitre < leastDose) return [];
    const { celsius = 0, dose = 1 } = changes[way];
    const filled = whatIf(run, {
      fromHour: ask.hour,
      stages: [
        {
          ...stage,
          vessel: 'sealed',
          hours: followedHours,
          liquidMl,
          headspaceMl: ask.headspaceShare * liquidMl,
          ventEveryHours: null,
          celsius: stage.celsius + celsius,
          addSugars: { sucrose: dose * ask.doseGramsPerLitre, glucose: 0, fructose: 0 },
        },
      ],
      members: kitchens,
      stepHours: 3,
    });
    const advice = bottleAdvice(filled, {
      wantedVolumes: ask.wantedVolumes,
      wantedSweetness: ask.wantedSweetness,
      ceilingPercent: ask.ceilingPercent,
      risk: { strength, bottles: ask.bottles, caution: ask.caution },
      nowHour: 0,
      start: ask.start + ask.hour * hourMs,
      waking: ask.waking,
      lookedHour: null,
      looks: way === 'squeezed' ? ['squeeze'] : [],
      neverFelt: true,
    });
    if (!advice) return [];
    const { good, flat, over, hour } = advice.chill;
    const more = advice.unasked?.gain ?? 0;
    // What a look brings is taken from the flat and the gushing alike.
    const left = good < 1 ? Math.max(0, 1 - more / (1 - good)) : 1;
    return [{ way, good: 1 - (1 - good) * left, flat: flat * left, over: over * left, chillHour: hour }];
  });
}
