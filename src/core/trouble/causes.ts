import type { Culture, JarCare } from '../cultures/culture';
import type { JarFacts } from './jar-facts';
import type { TroubleSign } from './trouble-signs';

export type CauseId =
  | 'too-young'
  | 'too-cold'
  | 'too-hot'
  | 'starved'
  | 'neglected'
  | 'drawn-low'
  | 'thin-feed'
  | 'rich-feed'
  | 'lifeless-plant'
  | 'treated-water'
  | 'too-few-minerals'
  | 'overcrowded'
  | 'too-much-air'
  | 'kahm'
  | 'mould'
  | 'nothing-wrong';

/** What in the ledger speaks for or against a cause: how many times likelier it makes it, and which fact that is. */
export interface Evidence {
  readonly times: number;
  readonly fact: keyof JarFacts;
}

/** A cause: how often it is behind a jar in trouble, what it shows, and what in the ledger speaks for it. */
export interface Cause {
  readonly id: CauseId;
  /** Relative frequency among jars of a kind it can befall. Practice. */
  readonly usual: number;
  readonly befalls: (culture: Culture & { readonly keeping: JarCare }) => boolean;
  /** Chance that a sign shows, 0–1; signs left out show as often as by accident. */
  readonly shows: Readonly<Partial<Record<TroubleSign, number>>>;
  readonly evidence: (facts: JarFacts, keeping: JarCare) => readonly Evidence[];
}

/** How often a sign is seen by accident, whatever the cause. */
export const byAccident: Readonly<Record<TroubleSign, number>> = {
  'no-gas': 0.12,
  'still-sweet': 0.15,
  'good-foam': 0.15,
  'white-film': 0.06,
  pellicle: 0.02,
  fuzz: 0.004,
  'odd-colour': 0.004,
  vinegar: 0.08,
  yeasty: 0.12,
  egg: 0.04,
  solvent: 0.03,
  foul: 0.006,
  slime: 0.03,
  'shrunk-grains': 0.08,
  'mushy-grains': 0.05,
  'plump-grains': 0.3,
};

const anything = () => true;
const ofGrains = ({ unit, keeping }: Culture & { readonly keeping: JarCare }) =>
  unit === 'g' && keeping.renews;
const keptWithFeeds = ({ keeping }: Culture & { readonly keeping: JarCare }) => keeping.feed.sugarShare > 0;
const ofPlants = ({ keeping, unit }: Culture & { readonly keeping: JarCare }) =>
  unit === 'ml' && !keeping.renews;
const between = (low: number, value: number, high: number) => Math.min(high, Math.max(low, value));

/** Hours since the last feed as a share of the kind's rhythm at that warmth: 1 is on time, 0 just fed. */
export const lateness = (
  { fedHoursAgo, celsius, coldDays }: JarFacts,
  { feed, restsWeeks }: JarCare,
): number =>
  coldDays >= 10
    ? fedHoursAgo / (restsWeeks * 7 * 24)
    : fedHoursAgo / (feed.everyHours * 1.15 ** between(-8, 22 - celsius, 8));

/** How far a sweetener's percent is from the kind's range: below 1 too thin, above 1 too rich, 1 within. */
function richness({ sweetenerPercent }: JarFacts, keeping: JarCare): number {
  const [low, high] = keeping.begin.sugarShare;
  if (sweetenerPercent === null || high === 0) return 1;
  const share = sweetenerPercent / 100;
  return share < low ? share / low : share > high ? share / high : 1;
}

/** How a sugar cause stands to what the ledger knows: unlikely when the percent is known to be right, half when it is not known. */
function bySugar(facts: JarFacts, keeping: JarCare, off: number): number {
  if (facts.sweetenerPercent === null) return 0.5;
  return richness(facts, keeping) === 1 ? 0.2 : between(0.1, 0.5 * off ** 3, 10);
}

export const causes: readonly Cause[] = [
  {
    id: 'too-young',
    usual: 1,
    befalls: anything,
    shows: { 'no-gas': 0.7, 'still-sweet': 0.6, 'good-foam': 0.05 },
    evidence: ({ ageDays, celsius }, { ripensDays }) => {
      const ripe = ageDays / (Math.max(0.5, ripensDays[1]) * 1.12 ** (22 - celsius));
      return [{ times: between(0.05, 2.2 ** (2.5 * (1 - ripe)), 6), fact: 'ageDays' }];
    },
  },
  {
    id: 'too-cold',
    usual: 1,
    befalls: anything,
    shows: { 'no-gas': 0.75, 'still-sweet': 0.6, slime: 0.12, 'good-foam': 0.04, 'plump-grains': 0.4 },
    evidence: ({ celsius }) => [{ times: between(0.12, 1.55 ** (18.5 - celsius), 9), fact: 'celsius' }],
  },
  {
    id: 'too-hot',
    usual: 0.7,
    befalls: anything,
    shows: {
      'no-gas': 0.5,
      solvent: 0.4,
      'mushy-grains': 0.4,
      'shrunk-grains': 0.3,
      yeasty: 0.25,
      vinegar: 0.2,
    },
    evidence: ({ warmest }) => [{ times: between(0.08, 1.5 ** (warmest - 30), 14), fact: 'warmest' }],
  },
  {
    id: 'starved',
    usual: 1,
    befalls: keptWithFeeds,
    shows: {
      'no-gas': 0.65,
      vinegar: 0.35,
      'shrunk-grains': 0.45,
      'mushy-grains': 0.2,
      egg: 0.12,
      yeasty: 0.2,
      'still-sweet': 0.01,
    },
    evidence: (facts, keeping) => [
      { times: between(0.1, 0.6 * lateness(facts, keeping) ** 1.4, 9), fact: 'fedHoursAgo' },
      ...(facts.fedHoursAgo > 21 * 24 ? [{ times: 0.4, fact: 'fedHoursAgo' } as const] : []),
    ],
  },
  {
    id: 'neglected',
    usual: 0.5,
    befalls: anything,
    shows: { 'no-gas': 0.8, vinegar: 0.4, 'white-film': 0.25, 'shrunk-grains': 0.4, 'mushy-grains': 0.3 },
    evidence: ({ fedHoursAgo, coldDays }, { restsWeeks }) => [
      {
        times: between(0.03, (fedHoursAgo / (24 * (coldDays >= 10 ? restsWeeks * 7 : 18))) ** 2.5, 12),
        fact: 'fedHoursAgo',
      },
    ],
  },
  {
    id: 'drawn-low',
    usual: 0.7,
    befalls: ({ keeping }) => keeping.mustStay > 0,
    shows: { 'no-gas': 0.7, 'still-sweet': 0.5, 'good-foam': 0.06 },
    evidence: ({ leastLevel }, { mustStay }) => [
      { times: between(0.1, (mustStay / Math.max(0.02, leastLevel)) ** 2.5, 9), fact: 'leastLevel' },
    ],
  },
  {
    id: 'thin-feed',
    usual: 0.7,
    befalls: keptWithFeeds,
    shows: { 'no-gas': 0.5, vinegar: 0.3, 'white-film': 0.2, 'shrunk-grains': 0.4, 'still-sweet': 0.02 },
    evidence: (facts, keeping) => [
      {
        times: bySugar(facts, keeping, 1 / Math.max(0.05, richness(facts, keeping))),
        fact: 'sweetenerPercent',
      },
    ],
  },
  {
    id: 'rich-feed',
    usual: 0.4,
    befalls: keptWithFeeds,
    shows: { slime: 0.55, 'still-sweet': 0.7, 'no-gas': 0.3, egg: 0.08 },
    evidence: (facts, keeping) => [
      { times: bySugar(facts, keeping, richness(facts, keeping)), fact: 'sweetenerPercent' },
      { times: facts.celsius < 19 ? 1.5 : 0.9, fact: 'celsius' },
    ],
  },
  {
    id: 'lifeless-plant',
    usual: 0.8,
    befalls: ofPlants,
    shows: { 'no-gas': 0.9, 'still-sweet': 0.7, 'good-foam': 0.01 },
    evidence: ({ ageDays, celsius }, { ripensDays }) => {
      const overdue = ageDays / (ripensDays[2] * 1.12 ** between(-4, 22 - celsius, 8));
      return [
        // A jar that has lived for weeks had its life once.
        { times: ageDays > 5 * ripensDays[2] ? 0.15 : between(0.15, overdue ** 2 * 2, 5), fact: 'ageDays' },
      ];
    },
  },
  {
    id: 'treated-water',
    usual: 0.8,
    befalls: anything,
    shows: { 'no-gas': 0.85, 'still-sweet': 0.7, 'shrunk-grains': 0.2, 'good-foam': 0.02 },
    evidence: () => [],
  },
  {
    id: 'too-few-minerals',
    usual: 0.6,
    befalls: ofGrains,
    shows: { 'shrunk-grains': 0.55, 'mushy-grains': 0.4, egg: 0.25, 'no-gas': 0.3, 'plump-grains': 0.06 },
    evidence: ({ minerals }) => [{ times: minerals ? 0.2 : 4, fact: 'minerals' }],
  },
  {
    id: 'overcrowded',
    usual: 0.5,
    befalls: ofGrains,
    shows: {
      'shrunk-grains': 0.4,
      'mushy-grains': 0.3,
      vinegar: 0.3,
      'plump-grains': 0.2,
      'no-gas': 0.15,
      'still-sweet': 0.01,
    },
    evidence: ({ grainsPerSugar }) => [
      {
        times: grainsPerSugar === null ? 1 : between(0.1, (grainsPerSugar / 1.5) ** 2, 9),
        fact: 'grainsPerSugar',
      },
    ],
  },
  {
    id: 'too-much-air',
    usual: 0.5,
    befalls: ({ keeping }) => keeping.settledAcetics < 0.1,
    shows: { vinegar: 0.85, pellicle: 0.4, 'white-film': 0.2, 'no-gas': 0.2 },
    evidence: ({ fedHoursAgo }, { feed }) => [
      { times: between(0.5, (fedHoursAgo / Math.max(12, feed.everyHours)) ** 0.5, 3), fact: 'fedHoursAgo' },
    ],
  },
  {
    id: 'kahm',
    usual: 0.5,
    befalls: anything,
    shows: { 'white-film': 0.95, yeasty: 0.4, 'no-gas': 0.15 },
    evidence: ({ stirredHoursAgo }) => [
      { times: between(0.6, (stirredHoursAgo / 30) ** 0.8, 4), fact: 'stirredHoursAgo' },
    ],
  },
  {
    id: 'mould',
    usual: 0.15,
    befalls: anything,
    shows: { fuzz: 0.8, 'odd-colour': 0.5, foul: 0.5 },
    evidence: () => [],
  },
  {
    id: 'nothing-wrong',
    usual: 1,
    befalls: anything,
    shows: { 'good-foam': 0.6, 'plump-grains': 0.8, 'no-gas': 0.03, yeasty: 0.3, pellicle: 0.05 },
    evidence: ({ ageDays }, { ripensDays }) => [
      { times: ageDays < ripensDays[0] ? 0.4 : 1, fact: 'ageDays' },
    ],
  },
];
