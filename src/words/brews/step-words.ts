import type { BrewStep, StepId } from '@/core/brew/steps';
import type { Method } from '@/core/lots/records/method';
import { grams, portionsWords, volume, litres } from '../amounts';
import { duration } from '../moment';

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
    'Let the water stand',
    'Open, a day or two: chlorine goes. Chloramine stays: filter that, or a pinch of vitamin C.',
  ],
  boiled: ['Boil the water', 'A quarter of an hour drives the chlorine off.'],
  filtered: ['Filter the water', 'Charcoal holds chlorine and chloramine back.'],
  'as-is': ['Measure the water', 'No chlorine in it: nothing to wait for.'],
};
const cleanSteps: Readonly<Record<Method['clean'], string>> = {
  'no-rinse': 'No-rinse sanitiser: two minutes wet, then drained. Never into a vessel that holds a starter.',
  boiling: 'Boiling water over sieve, jar, lid and spoon; ten minutes. Warm glass first.',
  vinegar: 'Vinegar soak overnight, then rinse with boiled water.',
};
const strainSteps: Readonly<Record<Method['strain'], readonly [string, string]>> = {
  coarse: ['Strain it', 'Through a coarse sieve; press gently.'],
  fine: ['Strain it fine', 'Coarse first, then fine, so that it does not clog.'],
  cloth: ['Strain through cloth', 'Coarse, then fine, then cloth: each clogs less. Wring it at the end.'],
  'pulp-in': [
    'Leave the pulp in',
    'More flavour, more sediment; it foams hard on opening, so open it very cold.',
  ],
};
const coolSteps: Readonly<Record<Method['cool'], string>> = {
  lidded: 'Lid on. Cool to the touch is not cool enough: a thermometer says.',
  open: 'Lid off, a cloth over it against flies.',
  'ice-bath': 'Into a sink of ice water, stirred now and then.',
  'cold-water': 'Pour the cold water in that was held back, then the lid.',
};
const coverSteps: Readonly<Record<string, string>> = {
  airlock: 'Airlock on, with water in it.',
  'loose-lid': 'Lid on, not tight: gas must find its way.',
  cloth: 'Fine cloth and a band; loose weave lets flies in.',
  sealed: 'Closed, and vented twice a day.',
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
    return plain(title, [step.waterMl ? `${litres(step.waterMl)}, what boils away is in it.` : null, why]);
  },
  clean: ({ step }) => {
    return plain('Clean what it touches', [cleanSteps[step.way as Method['clean']]], 'Sanitiser');
  },
  prepare: ({ amount }) => {
    return plain('Weigh and cut', [`${amount}.`, 'Grated or blended gives more, and clogs more.']);
  },
  heat: ({ step, amount }) => {
    return plain(
      step.way === 'simmer' ? 'Simmer the base' : 'Pour hot water over',
      [
        `${litres(step.waterMl ?? 0)} water, ${amount}.`,
        step.heldMl ? `Keep ${litres(step.heldMl)} of the water back, cold.` : null,
        step.way === 'simmer'
          ? 'Lid off, a bare simmer. Stay with it until it boils: sugar rises fast.'
          : 'Off the boil, so that the scent stays.',
      ],
      'Simmer',
    );
  },
  steep: ({ step }) => {
    return plain(
      'Let it steep',
      [step.minutes ? `${span(step.minutes)}, lid on: it cools meanwhile.` : null],
      'Steep',
    );
  },
  mix: ({ step, amount }) => {
    return plain('Put it together', [
      `${amount}.`,
      step.waterMl ? `${litres(step.waterMl)} water over it; stir until the sugar is gone.` : null,
    ]);
  },
  cool: ({ step }) => {
    return plain(
      'Cool it below 30 °C',
      [
        coolSteps[step.way as Method['cool']],
        step.minutes === null
          ? 'It does not get below 30 °C in this kitchen by itself: an ice bath.'
          : `About ${span(step.minutes)}, by pot and lid; one reading corrects it.`,
      ],
      'Cooling',
    );
  },
  strain: ({ step }) => {
    const [title, how] = strainSteps[step.way as Method['strain']];
    return plain(title, [how]);
  },
  last: ({ amount }) => {
    return plain('Stir in, now that it is cool', [
      `${amount}.`,
      'Sour early is safer: it lowers the pH from the start.',
    ]);
  },
  gravity: () => {
    return plain('Measure it, if you like', [
      'SG or °Brix now tells the alcohol later. No hydrometer: go on.',
    ]);
  },
  draw: ({ step, fromName, amount, dose }) => {
    return step.way === 'packet'
      ? plain(
          'Wake the yeast',
          [
            `${amount || `${dose} of ${fromName ?? 'the packet'}`}, in ten times its water at 35 °C or less; it foams within half an hour.`,
          ],
          'Yeast',
        )
      : plain(step.way === 'grains' ? `Weigh ${dose} of grains` : `Draw ${dose}`, [
          step.way === 'grains'
            ? `Out of ${fromName ?? 'their jar'}, drained in a plastic sieve.`
            : `From ${fromName ?? 'the starter'}, strained, into a measuring cup.`,
        ]);
  },
  pitch: ({ fromName, amount, dose }) => {
    return plain('Pitch it', [
      `${amount || `${dose}${fromName ? ` of ${fromName}` : ''}`}, below 30 °C; stir it in.`,
    ]);
  },
  cover: ({ step }) => {
    return plain('Cover it', [
      coverSteps[step.way] ?? 'Cover it.',
      'Glass or lead-free glaze, no reactive metal. Out of the sun, a tray beneath.',
    ]);
  },
  label: () => {
    return plain('Label it', ['Name and date on the jar: the rest is written down here.']);
  },
  restart: ({ fromName, amount }) => {
    return plain(`Feed ${fromName ?? 'the starter'}`, [`${amount}, the same minute: then it rests a day.`]);
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
