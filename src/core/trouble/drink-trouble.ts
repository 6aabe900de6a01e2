import type { DrinkFacts } from './drink-facts';

/** What is complained of in a brew or a bottle. */
export const complaints = [
  'no-start',
  'flat',
  'too-sweet',
  'sour',
  'gusher',
  'yeasty',
  'film',
  'egg',
  'slime',
  'mould',
] as const;
export type Complaint = (typeof complaints)[number];

export type DrinkCauseId =
  | 'too-early'
  | 'too-cold'
  | 'pitched-hot'
  | 'too-little-starter'
  | 'preservative'
  | 'leaky-seal'
  | 'no-sugar-left'
  | 'too-long-warm'
  | 'too-much-air'
  | 'pulp'
  | 'too-full'
  | 'opened-warm'
  | 'bread-yeast'
  | 'sediment'
  | 'few-minerals'
  | 'sugar-and-cold'
  | 'never-pitched';

/** What can be done about it, by its hand. */
export type RescueId =
  | 'warm-it'
  | 'wait'
  | 'prime-again'
  | 'pitch-again'
  | 'test-seal'
  | 'blend'
  | 'chill'
  | 'strain'
  | 'more-headspace'
  | 'skim'
  | 'stir'
  | 'rack-off'
  | 'cook-with-it'
  | 'discard';

/** A cause with what in the record speaks for or against it. */
interface DrinkSuspect {
  readonly cause: DrinkCauseId;
  /** 0–1; those of all suspects add up to 1. */
  readonly share: number;
  /** The fact that weighs most, if one does. */
  readonly fact: keyof DrinkFacts | null;
}

export interface DrinkDiagnosis {
  readonly discard: boolean;
  readonly suspects: readonly DrinkSuspect[];
  /** What helps, the gentlest first. */
  readonly rescues: readonly RescueId[];
}

interface Weighed {
  readonly cause: DrinkCauseId;
  /** How often it is behind the complaint, by practice. */
  readonly usual: number;
  /** How many times likelier the record makes it, and which fact does. */
  readonly told: (facts: DrinkFacts) => readonly [times: number, fact: keyof DrinkFacts];
}

const between = (low: number, value: number, high: number) => Math.min(high, Math.max(low, value));
const hoursOf = ({ hours }: DrinkFacts) => hours ?? 0;

/** Hours that a first ferment, or a closed bottle, usually takes at that warmth. Practice: two to three days at 22 °C. */
const usualHours = ({ celsius }: DrinkFacts): number => 60 * 1.1 ** (22 - celsius);

const tooEarly: Weighed = {
  cause: 'too-early',
  usual: 1,
  told: (facts) => [between(0.03, 2 ** (2.5 * (1 - hoursOf(facts) / usualHours(facts))), 6), 'hours'],
};
const tooCold: Weighed = {
  cause: 'too-cold',
  usual: 1,
  told: ({ celsius }) => [between(0.1, 1.5 ** (18.5 - celsius), 9), 'celsius'],
};
const pitchedHot: Weighed = {
  cause: 'pitched-hot',
  usual: 0.5,
  told: ({ pitchedCelsius }) =>
    pitchedCelsius === null
      ? [0.8, 'pitchedCelsius']
      : [between(0.02, 1.6 ** (pitchedCelsius - 32), 20), 'pitchedCelsius'],
};
const tooLittle: Weighed = {
  cause: 'too-little-starter',
  usual: 0.8,
  told: ({ doseShare }) => [
    doseShare === null ? 0.5 : between(0.15, (0.06 / doseShare) ** 1.5, 6),
    'doseShare',
  ],
};
const preservative: Weighed = {
  cause: 'preservative',
  usual: 0.3,
  told: ({ preserved }) => [preserved ? 20 : 0.5, 'preserved'],
};
const leaky: Weighed = {
  cause: 'leaky-seal',
  usual: 0.7,
  told: ({ bottled }) => [bottled ? 1 : 0.01, 'bottled'],
};
const noSugar: Weighed = {
  cause: 'no-sugar-left',
  usual: 0.6,
  told: ({ sugarLeft }) => [
    sugarLeft === null ? 0.6 : between(0.05, (8 / Math.max(0.5, sugarLeft)) ** 1.5, 8),
    'sugarLeft',
  ],
};
const tooLong: Weighed = {
  cause: 'too-long-warm',
  usual: 1,
  told: (facts) => [between(0.1, (facts.warmHours / usualHours(facts)) ** 2, 8), 'warmHours'],
};
const air: Weighed = { cause: 'too-much-air', usual: 0.7, told: ({ airy }) => [airy ? 2.5 : 0.4, 'airy'] };
const withPulp: Weighed = { cause: 'pulp', usual: 0.6, told: ({ pulp }) => [pulp ? 5 : 0.2, 'pulp'] };
const tooFull: Weighed = {
  cause: 'too-full',
  usual: 0.5,
  told: ({ emptyShare }) => [between(0.2, (0.04 / Math.max(0.005, emptyShare)) ** 1.5, 6), 'emptyShare'],
};
const openedWarm: Weighed = {
  cause: 'opened-warm',
  usual: 0.5,
  told: ({ celsius }) => [celsius > 10 ? 3 : 0.15, 'celsius'],
};

/** Causes behind each complaint, and what helps, the gentlest first. */
const table: Readonly<
  Record<Complaint, { readonly causes: readonly Weighed[]; readonly rescues: readonly RescueId[] }>
> = {
  'no-start': {
    causes: [tooEarly, tooCold, pitchedHot, tooLittle, preservative],
    rescues: ['warm-it', 'wait', 'pitch-again', 'discard'],
  },
  flat: {
    causes: [tooEarly, tooCold, leaky, noSugar, tooLittle],
    rescues: ['warm-it', 'wait', 'test-seal', 'prime-again', 'blend'],
  },
  'too-sweet': {
    causes: [tooEarly, tooCold, tooLittle, preservative],
    rescues: ['wait', 'warm-it', 'pitch-again', 'blend'],
  },
  sour: { causes: [tooLong, air], rescues: ['chill', 'blend', 'cook-with-it'] },
  gusher: {
    causes: [tooLong, withPulp, tooFull, openedWarm],
    rescues: ['chill', 'strain', 'more-headspace'],
  },
  yeasty: {
    causes: [
      { ...tooLong, usual: 0.8 },
      { cause: 'bread-yeast', usual: 0.5, told: ({ packet }) => [packet ? 2.5 : 0.1, 'packet'] },
      { cause: 'sediment', usual: 0.7, told: ({ bottled }) => [bottled ? 1.5 : 0.6, 'bottled'] },
    ],
    rescues: ['rack-off', 'chill', 'blend'],
  },
  film: {
    causes: [air, { ...tooLong, usual: 0.4 }, { ...tooCold, usual: 0.3 }],
    rescues: ['skim', 'stir', 'chill', 'discard'],
  },
  egg: {
    causes: [
      { cause: 'few-minerals', usual: 1, told: () => [1, 'celsius'] },
      { ...tooLittle, usual: 0.5 },
      { ...tooCold, usual: 0.3 },
    ],
    rescues: ['stir', 'wait', 'blend'],
  },
  slime: {
    causes: [
      {
        cause: 'sugar-and-cold',
        usual: 1,
        told: ({ celsius }) => [between(0.4, 1.3 ** (19 - celsius), 5), 'celsius'],
      },
      { ...tooLittle, usual: 0.4 },
    ],
    rescues: ['warm-it', 'discard'],
  },
  mould: { causes: [{ ...air, usual: 1 }], rescues: ['discard'] },
};

/**
 * What is behind complaints about a brew or a bottle, ranked by how often each cause is behind them and by its own record, and
 * what can be done about it.
 *
 * @param seen what is complained of; nothing gives nothing
 * @returns suspects by falling share; with mould, discarding, whatever else is likely
 * @source practice; odds multiply as independent
 */
export function diagnoseDrink(facts: DrinkFacts, seen: readonly Complaint[]): DrinkDiagnosis {
  if (seen.includes('mould')) return { discard: true, suspects: [], rescues: ['discard'] };
  if (facts.hours === null && seen.includes('no-start'))
    return {
      discard: false,
      suspects: [{ cause: 'never-pitched', share: 1, fact: 'hours' }],
      rescues: ['pitch-again'],
    };
  const weights = new Map<DrinkCauseId, { weight: number; fact: keyof DrinkFacts | null }>();
  for (const complaint of seen)
    for (const { cause, usual, told } of table[complaint].causes) {
      const [times, fact] = told(facts);
      const before = weights.get(cause)?.weight ?? 0;
      weights.set(cause, { weight: before + usual * times, fact: times > 1.3 || times < 0.5 ? fact : null });
    }
  const total = [...weights.values()].reduce((sum, { weight }) => sum + weight, 0);
  const suspects = [...weights]
    .map(([cause, { weight, fact }]) => ({ cause, fact, share: weight / total }))
    .sort((a, b) => b.share - a.share);
  const rescues = [...new Set(seen.flatMap((complaint) => table[complaint].rescues))].filter((rescue) =>
    helps(rescue, facts, seen),
  );
  return { discard: false, suspects, rescues };
}

/** What makes no sense by the record is not offered: priming what is sweet, chilling what is cold, a seal where there is none. */
function helps(
  rescue: RescueId,
  { sugarLeft, celsius, bottled }: DrinkFacts,
  seen: readonly Complaint[],
): boolean {
  if (rescue === 'prime-again') return sugarLeft === null || sugarLeft < 15;
  if (rescue === 'test-seal') return bottled;
  if (rescue === 'chill') return celsius > 8;
  if (rescue === 'warm-it') return celsius < 23 && !seen.includes('gusher');
  return true;
}
