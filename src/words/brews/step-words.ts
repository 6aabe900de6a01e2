import type { BrewStep, StepId } from '@/core/brew/steps';
import type { Method } from '@/core/lots/records/method';
import { grams, portionsWords, volume, litres } from '../amounts';
import { duration } from '../moment';
import { t } from '@/core/language/t';

/** A step as it is read at arm's length: what to do, and the figures and reasons below it. */
export interface StepWords {
  readonly title: string;
  readonly lines: readonly string[];
  /** What its timer is called, if it has one. */
  readonly timer: string;
}

const span = (minutes: number) => duration(minutes / 60);

const waterSteps: Readonly<Record<Method['water'], readonly [string, string]>> = {
  stood: [
    t`Let the water stand`,
    t`Open, a day or two: chlorine goes. Chloramine stays: filter that, or a pinch of vitamin C.`,
  ],
  boiled: [t`Boil the water`, t`A quarter of an hour drives the chlorine off.`],
  filtered: [t`Filter the water`, t`Charcoal holds chlorine and chloramine back.`],
  'as-is': [t`Measure the water`, t`No chlorine in it: nothing to wait for.`],
};
const cleanSteps: Readonly<Record<Method['clean'], string>> = {
  'no-rinse': t`No-rinse sanitiser: two minutes wet, then drained. Never into a vessel that holds a starter.`,
  boiling: t`Boiling water over sieve, jar, lid and spoon; ten minutes. Warm glass first.`,
  vinegar: t`Vinegar soak overnight, then rinse with boiled water.`,
};
const strainSteps: Readonly<Record<Method['strain'], readonly [string, string]>> = {
  coarse: [t`Strain it`, t`Through a coarse sieve; press gently.`],
  fine: [t`Strain it fine`, t`Coarse first, then fine, so that it does not clog.`],
  cloth: [t`Strain through cloth`, t`Coarse, then fine, then cloth: each clogs less. Wring it at the end.`],
  'pulp-in': [
    t`Leave the pulp in`,
    t`More flavour, more sediment; it foams hard on opening, so open it very cold.`,
  ],
};
const coolSteps: Readonly<Record<Method['cool'], string>> = {
  lidded: t`Lid on. Cool to the touch is not cool enough: a thermometer says.`,
  open: t`Lid off, a cloth over it against flies.`,
  'ice-bath': t`Into a sink of ice water, stirred now and then.`,
  'cold-water': t`Pour the cold water in that was held back, then the lid.`,
};
const coverSteps: Readonly<Record<string, string>> = {
  airlock: t`Airlock on, with water in it.`,
  'loose-lid': t`Lid on, not tight: gas must find its way.`,
  cloth: t`Fine cloth and a band; loose weave lets flies in.`,
  sealed: t`Closed, and vented twice a day.`,
};

const plain = (title: string, lines: readonly (string | null)[], timer = title): StepWords => ({
  title,
  lines: lines.filter((line): line is string => line !== null && line !== ''),
  timer,
});

/** What the words of a step are made of. */
interface Said {
  readonly step: BrewStep;
  /** The jar or packet that its dose comes from. */
  readonly fromName: string | null;
  /** What it handles, and the dose, in words. */
  readonly amount: string;
  readonly dose: string;
}

/** One a step. */
const byStep: Readonly<Record<StepId, (said: Said) => StepWords>> = {
  water: ({ step }) => {
    const [title, why] = waterSteps[step.way as Method['water']];
    return plain(title, [step.waterMl ? t`${litres(step.waterMl)}, what boils away is in it.` : null, why]);
  },
  clean: ({ step }) => {
    return plain(t`Clean what it touches`, [cleanSteps[step.way as Method['clean']]], t`Sanitiser`);
  },
  prepare: ({ amount }) => {
    return plain(t`Weigh and cut`, [`${amount}.`, t`Grated or blended gives more, and clogs more.`]);
  },
  heat: ({ step, amount }) => {
    return plain(
      step.way === 'simmer' ? t`Simmer the base` : t`Pour hot water over`,
      [
        t`${litres(step.waterMl ?? 0)} water, ${amount}.`,
        step.heldMl ? t`Keep ${litres(step.heldMl)} of the water back, cold.` : null,
        step.way === 'simmer'
          ? t`Lid off, a bare simmer. Stay with it until it boils: sugar rises fast.`
          : t`Off the boil, so that the scent stays.`,
      ],
      t`Simmer`,
    );
  },
  steep: ({ step }) => {
    return plain(
      t`Let it steep`,
      [step.minutes ? t`${span(step.minutes)}, lid on: it cools meanwhile.` : null],
      t`Steep`,
    );
  },
  mix: ({ step, amount }) => {
    return plain(t`Put it together`, [
      `${amount}.`,
      step.waterMl ? t`${litres(step.waterMl)} water over it; stir until the sugar is gone.` : null,
    ]);
  },
  cool: ({ step }) => {
    return plain(
      t`Cool it below 30 °C`,
      [
        coolSteps[step.way as Method['cool']],
        step.minutes === null
          ? t`It does not get below 30 °C in this kitchen by itself: an ice bath.`
          : t`About ${span(step.minutes)}, by pot and lid; one reading corrects it.`,
      ],
      t`Cooling`,
    );
  },
  strain: ({ step }) => {
    const [title, how] = strainSteps[step.way as Method['strain']];
    return plain(title, [how]);
  },
  last: ({ amount }) => {
    return plain(t`Stir in, now that it is cool`, [
      `${amount}.`,
      t`Sour early is safer: it lowers the pH from the start.`,
    ]);
  },
  gravity: () => {
    return plain(t`Measure it, if you like`, [
      t`SG or °Brix now tells the alcohol later. No hydrometer: go on.`,
    ]);
  },
  draw: ({ step, fromName, amount, dose }) => {
    return step.way === 'packet'
      ? plain(
          t`Wake the yeast`,
          [
            t`${amount || t`${dose} of ${fromName ?? t`the packet`}`}, in ten times its water at 35 °C or less; it foams within half an hour.`,
          ],
          t`Yeast`,
        )
      : plain(step.way === 'grains' ? t`Weigh ${dose} of grains` : t`Draw ${dose}`, [
          step.way === 'grains'
            ? t`Out of ${fromName ?? t`their jar`}, drained in a plastic sieve.`
            : t`From ${fromName ?? t`the starter`}, strained, into a measuring cup.`,
        ]);
  },
  pitch: ({ fromName, amount, dose }) => {
    return plain(t`Pitch it`, [
      t`${amount || `${dose}${fromName ? t` of ${fromName}` : ''}`}, below 30 °C; stir it in.`,
    ]);
  },
  cover: ({ step }) => {
    return plain(t`Cover it`, [
      coverSteps[step.way] ?? t`Cover it.`,
      t`Glass or lead-free glaze, no reactive metal. Out of the sun, a tray beneath.`,
    ]);
  },
  label: () => {
    return plain(t`Label it`, [t`Name and date on the jar: the rest is written down here.`]);
  },
  restart: ({ fromName, amount }) => {
    return plain(t`Feed ${fromName ?? t`the starter`}`, [
      t`${amount}, the same minute: then it rests a day.`,
    ]);
  },
};

/** A step in words. */
export function stepWords(step: BrewStep, fromName: string | null): StepWords {
  const { portions, doseGrams, doseMl } = step;
  const dose =
    doseGrams !== undefined
      ? grams(Number(doseGrams.toFixed(1)))
      : doseMl !== undefined
        ? volume(Math.round(doseMl))
        : '';
  const amount = portions.length > 0 ? portionsWords(portions) : '';
  return byStep[step.id]({ step, fromName, amount, dose });
}
