import { at } from '../calibration/courses.ts';
import { stepper } from '../stepper.ts';
import { gaugeName } from '../../src/core/forecast/advice/decision-inputs.ts';
import { bottleAdvice } from '../../src/core/forecast/advice/bottle-advice.ts';
import { knownCultures } from '../../src/core/cultures/registry.ts';
import { fermentOf } from '../../src/core/ferment/scenario/ferment.ts';
import { Scenario, type Reading } from '../../src/core/ferment/scenario/scenario.ts';
import { weighedEnsemble } from '../../src/core/forecast/ensemble/ensemble.ts';
import type { StoredRun } from '../../src/core/forecast/run/stored-run.ts';
import type { UsualAbsence } from '../../src/core/kitchen/absence.ts';
import { isAwake, usualWaking } from '../../src/core/kitchen/waking.ts';
import type { Caution } from '../../src/core/settings/caution.ts';
import { strengthOf } from '../../src/core/vessels/strength.ts';
import type { VesselId } from '../../src/core/vessels/vessel-kinds.ts';
import { chilledAt, gauged, sipped, squeezed, type Bottles } from './world.ts';
import { hourMs } from '../../src/core/duration.ts';

/** When the bottles were chilled, and after how many looks. */
interface Chilling {
  readonly hour: number;
  readonly looks: number;
  /** What they were filled into, when it is not what they are. */
  readonly glass?: VesselId;
}

interface Hands {
  readonly uniform: () => number;
  readonly normal: () => number;
  /** Instant of the pitching, ms: noon to nine in the evening, local. */
  readonly start: number;
  /** How it tasted before it was bottled. */
  readonly sips?: readonly Reading[];
  /** The first moment at home not before an instant, and what Yuzet is told of it; whenever somebody is up where it is left out. */
  readonly home?: { readonly from: (at: number) => number; readonly absence: UsualAbsence };
}

export type Policy = (bottles: Bottles, hands: Hands) => Chilling;

const last = ({ batch }: Bottles) => batch.hours - 1;

/** The first hour at home that is not before another. */
const atHome = ({ start, home }: Hands, hour: number): number =>
  home ? (home.from(start + hour * hourMs) - start) / hourMs : hour;

/** Days on the counter after filling, whatever happens. */
export const fixedDays =
  (days: number): Policy =>
  (bottles, hands) => ({
    hour: Math.min(last(bottles), atHome(hands, bottles.sealedFrom + 24 * days)),
    looks: 0,
  });

/** Days by the season: two above 23 °C, three, four below 20 °C. */
export const bySeason: Policy = (bottles, hands) =>
  fixedDays(bottles.celsius > 23 ? 2 : bottles.celsius < 20 ? 4 : 3)(bottles, hands);

/** One act in five is done up to so many hours late, one in fifteen is put off until it is next at home of a morning or an evening. */
const forgets = { putOff: 1 / 15, late: 1 / 5, hours: 5, putOffHours: 8 };

function hoursLate(uniform: () => number): number {
  const luck = uniform();
  if (luck < forgets.putOff) return forgets.putOffHours;
  return luck < forgets.putOff + forgets.late ? 1 + (forgets.hours - 1) * uniform() : 0;
}

/** Squeezed at set hours of the day, and chilled some hours after the first word that is firm enough. */
export const squeezing =
  (clockHours: readonly number[], enough: readonly string[], laterHours = 0): Policy =>
  (bottles, hands) => {
    let looks = 0;
    for (let hour = Math.ceil(bottles.sealedFrom) + 1; hour < last(bottles); hour++) {
      if (!clockHours.includes(new Date(hands.start + hour * hourMs).getHours())) continue;
      const late = hoursLate(hands.uniform);
      // By then it is squeezed again anyway.
      if (late === forgets.putOffHours) continue;
      const then = Math.min(last(bottles), atHome(hands, hour + late));
      looks += 1;
      if (enough.includes(String(squeezed(bottles, then, hands.uniform, hands.normal).value)))
        return { hour: Math.min(last(bottles), atHome(hands, then + laterHours)), looks };
    }
    return { hour: last(bottles), looks };
  };

/** What is to be done within so many hours of a look is done with it. */
const soonHours = 0.75;

/** As Yuzet says: its rule followed with so many looks at most. */
export const yuzet =
  (
    caution: Caution,
    look: 'squeeze' | 'gaugeBar' | null,
    glass: VesselId = 'swing-top',
    mostLooks = 5,
  ): Policy =>
  (bottles, hands) => {
    const readings: Reading[] = [...(hands.sips ?? [])];
    const sips = readings.length;
    const looks = () => readings.length - sips;
    let now = bottles.sealedFrom + 0.1;
    // What was put off is done whenever it comes to mind, by what is advised then.
    let isPutOff = false;
    for (;;) {
      const looksLeft = look !== null && looks() < mostLooks;
      const advice = asked(bottles, readings, now, caution, looksLeft ? [look] : [], hands, glass);
      if (!advice) return { hour: now, looks: looks(), glass };
      const { chill, rule } = advice;
      const due = Math.max(now, (rule ?? chill).hour);
      const late: number = isPutOff && due <= now + soonHours ? 0 : hoursLate(hands.uniform);
      now = Math.min(last(bottles), atHome(hands, due + late));
      isPutOff = late > 0;
      if (isPutOff && now < last(bottles)) continue;
      if (!rule) return { hour: now, looks: looks(), glass };
      readings.push(
        look === 'gaugeBar'
          ? gauged(bottles, now, hands.normal)
          : squeezed(bottles, now, hands.uniform, hands.normal),
      );
      // "Rock hard: chill where it stands": what the rule says of the result is done at once.
      const told = readings.at(-1)!.value;
      const result = typeof told === 'number' ? gaugeName(told) : String(told);
      const branch = rule.branches.find((each) => each.result === result);
      if (now >= last(bottles) || (branch?.next === 'act' && branch.hour <= now + soonHours))
        return { hour: now, looks: looks(), glass };
    }
  };

/** What the forecast takes for plausible of closed bottles, by what was read. */
export function bottledRun(bottles: Bottles, readings: readonly Reading[]): StoredRun {
  const { batch } = bottles;
  const scenario = Scenario.parse({
    schema: 'yuzet.scenario/1',
    liquidLitres: 0.48,
    base: batch.culture.base,
    sugars: { sucrose: batch.sugar },
    members: 160,
    readings,
    starter: {
      kind: batch.culture.id,
      amountPerLitre: batch.culture.amountPerLitre,
      vigourSpread: knownCultures(batch.culture.id)!.vigourSpread,
    },
    stages: [
      { hours: bottles.sealedFrom, vessel: 'airlock', celsius: batch.celsius },
      { hours: batch.hours - bottles.sealedFrom, vessel: 'sealed', celsius: batch.celsius, headspaceMl: 20 },
    ],
  });
  return weighedEnsemble({ ...fermentOf(scenario), longSteps: true }, stepper).run;
}

function asked(
  bottles: Bottles,
  readings: readonly Reading[],
  nowHour: number,
  caution: Caution,
  looks: readonly string[],
  { start, home }: Hands,
  bottle: VesselId = 'swing-top',
) {
  return bottleAdvice(bottledRun(bottles, readings), {
    wantedVolumes: bottles.wanted,
    wantedSweetness: 0.66 * bottles.batch.sugar,
    risk: { strength: strengthOf(bottle)!, bottles: 6, caution },
    nowHour,
    start,
    waking: usualWaking,
    absence: home?.absence,
    ceilingPercent: null,
    neverFelt: false,
    lookedHour: readings.filter(({ kind }) => kind !== 'sweet').at(-1)?.hour ?? null,
    looks,
  });
}

/** Of a drink from its jar: sipped at an hour of every day, and chilled with the first sip that is liked. */
export const sipping =
  (clockHour: number, likedAt: number): Policy =>
  (bottles, { start, uniform, normal }) => {
    let looks = 0;
    for (let hour = 12; hour < last(bottles); hour++) {
      if (new Date(start + hour * hourMs).getHours() !== clockHour || uniform() < forgets.putOff) continue;
      looks += 1;
      if (sipped(at(bottles.warm.sugar, hour), normal) <= likedAt) return { hour, looks };
    }
    return { hour: last(bottles), looks };
  };

/** Likewise who knows what will come: the waking hour that is nearest to the sweetness that is wanted. */
export const clairvoyantOfJars: Policy = (bottles, hands) => {
  let best = { hour: 1, off: Infinity };
  for (let hour = 1; hour < last(bottles); hour++) {
    if (!isAwake(hands.start + hour * hourMs, usualWaking)) continue;
    const off = Math.abs(chilledAt(bottles, hour).sweetness - bottles.wantedSweetness);
    if (off < best.off) best = { hour, off };
  }
  return { hour: best.hour, looks: 0 };
};

/** Who knows what will come: the waking hour that pours the fizz that is wanted, within what a careful maker bears. */
export const clairvoyant: Policy = (bottles, hands) => {
  let best = { hour: bottles.sealedFrom + 1, off: Infinity };
  for (let hour = Math.ceil(bottles.sealedFrom) + 1; hour < last(bottles); hour += 1) {
    if (!isAwake(hands.start + hour * hourMs, usualWaking)) continue;
    const { volumes, burst } = chilledAt(bottles, hour);
    const off = Math.abs(volumes - bottles.wanted);
    if (off < best.off && burst <= 1 / 1000) best = { hour, off };
    if (volumes > 1.6 * bottles.wanted) break;
  }
  return { hour: best.hour, looks: 0 };
};
