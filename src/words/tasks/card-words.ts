import { capital } from '@/core/capital';
import { knownCultures } from '@/core/cultures/registry';
import { rootOf } from '@/core/forecast/question/family-members';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { wakingOf } from '@/core/settings/waking-hours';
import { renewalOf } from '@/core/starter/renewal';
import type { Task, TaskReason, TaskRule, Verb } from '@/core/tasks/task';
import { inARow, portionsWords, volume } from '../amounts';
import { lateBy, moment, quarter } from '../moment';
import { atWords, betweenWords, deadlineWords } from '../when';
import { lateShort } from './late-words';
import { resultWords } from './rule-words';
import { t } from '@/core/language/t';

/** A task in one breath: three lines, and a caution that guards the hand by itself. */
export interface CardWords {
  /** What it is about, in a word or two. */
  readonly over: string;
  /** What to do, at most twelve words. */
  readonly title: string;
  /** What it takes, where amounts were worked out. */
  readonly amount: string | null;
  readonly when: string;
  /** The rule, or why, at most twelve words. */
  readonly why: string;
  readonly caution: string | null;
  /** The ribbon in words. */
  readonly span: string;
}

/** What a verb says; when is said alike for all, where it does not say it itself. */
type Said = Pick<CardWords, 'title' | 'why'> & Partial<CardWords>;

interface Due {
  readonly task: Task;
  readonly lot: Lot;
  /** The brew a bottle is of. */
  readonly root: Lot;
  readonly now: number;
}

/** Longer names are cut: a title is read from a metre away. */
const mostWords = 12;
const cut = (text: string): string => {
  const words = text.split(' ');
  return words.length <= mostWords ? text : `${words.slice(0, mostWords - 1).join(' ')} …`;
};

/**
 * What a card says of a task.
 *
 * @param answer the forecast of its first lot, where there is one
 * @param now ms
 */
export function cardWords(
  task: Task,
  household: Household,
  answer: LotAnswer | null,
  now: number,
): CardWords {
  const lot = task.lots[0]!;
  const root = rootOf(lot, (id) => lotOf(household, id));
  const due = { task, lot, root, now };
  const said = task.rule ? look(task.rule, due) : byVerb[task.verb](due, answer);
  const late = lateShort(task.verb, lot, task.until, now);
  const when = task.rule
    ? atWords(task.rule.at, now)
    : late && task.reason !== 'starved'
      ? lateBy(task.until, now)!
      : (said.when ?? spanWords(task, household, now));
  return {
    over: overWords(task, lot),
    title: cut(said.title),
    amount: said.amount ?? null,
    when: capital(when),
    why: cut(late && !task.rule && task.reason !== 'starved' ? late : said.why),
    caution: said.caution ?? null,
    span: late ? `${capital(lateBy(task.until, now)!)}.` : goodWords(task, now),
  };
}

function overWords({ verb, reason, parts }: Task, { role, culture }: Lot): string {
  if (verb === 'feed' && !parts) return capital(knownCultures(culture)?.name ?? t`starter`);
  if (verb === 'tend')
    return reason === 'infusion' ? t`It steeps` : role === 'starter' ? t`Every day` : overs.bottle;
  return overs[verb];
}

const overs: Readonly<Record<Verb, string>> = {
  chill: t`Pressure watch`,
  feed: t`One round`,
  rest: t`Before you leave`,
  wake: t`Home again`,
  pitch: t`Not yet alive`,
  bottle: t`First ferment`,
  open: t`In the fridge`,
  tend: t`Every day`,
  discard: t`Spoilt`,
};

const goodWords = ({ from, until }: Task, now: number): string =>
  t`Good from ${moment(quarter(from), now)} until ${moment(quarter(until), now)}.`;

function spanWords({ from, until }: Task, household: Household, now: number): string {
  if (from > now) return betweenWords(from, until, now);
  return quarter(until) <= now ? t`now` : deadlineWords(until, now, wakingOf(household));
}

const slowly = t`Slowly, over a bowl, glasses on.`;
const looks = {
  squeeze: {
    order: t`Squeeze bottle`,
    noun: t`squeeze`,
    caution: t`Glasses on; squeeze only the soft bottle, never glass.`,
  },
  hiss: { order: t`Ease the cap of bottle`, noun: t`hiss`, caution: slowly },
  gaugeBar: { order: t`Read the gauge of bottle`, noun: t`gauge`, caution: null },
  sweet: { order: t`Taste`, noun: t`taste`, caution: null },
} as const;
const deeds = { chill: t`chill`, bottle: t`bottle it`, strain: t`strain and feed` } as const;

/** A look that decides: what is felt leads to what is done. */
function look(rule: TaskRule, { root }: Due): Said {
  const { order, noun, caution } = looks[rule.kind];
  const title = `${order} ${rule.lot.name}`;
  return {
    title: rule.kind === 'sweet' ? title : t`${title} of ${root.name}`,
    why: ruleShort(rule, noun),
    caution:
      rule.then === 'bottle'
        ? bottlesBear
        : rule.kind === 'sweet' && rule.then === 'chill'
          ? slowly
          : caution,
  };
}

/** What follows a look, in brief. @example "Firm, rock hard: chill at once. Else leave it." */
export const ruleBrief = (rule: TaskRule): string => ruleShort(rule, looks[rule.kind].noun);

function ruleShort(rule: TaskRule, noun: string): string {
  const acts = rule.branches.filter(({ next, at }) => next === 'act' && quarter(at) <= quarter(rule.at));
  if (acts.length === 0)
    return t`Leave it then; the ${noun} sets ${rule.branches.some(({ next }) => next === 'act') ? t`when to ${deeds[rule.then]}` : t`the next look`}.`;
  const rest = rule.branches.filter((branch) => !acts.includes(branch));
  const results = (branches: TaskRule['branches']) =>
    capital(
      branches
        .map(({ result }) => resultWords(rule, result))
        .join(', ')
        .toLowerCase(),
    );
  if (rest.length === 0) return t`Then ${deeds[rule.then]} at once.`;
  return rest.length < acts.length
    ? t`${results(rest)}: leave it. Else ${deeds[rule.then]} at once.`
    : t`${results(acts)}: ${deeds[rule.then]} at once. Else leave it.`;
}

const bottlesBear = t`Pressure-rated bottles only; leave headspace.`;
const coldAndSlow = t`Open it cold, slowly, over a bowl.`;

const bottlesOf = ({ lots }: Task): string =>
  lots.length === 1 ? t`bottle ${lots[0]!.name}` : t`${lots.length} bottles`;

const chillWhy: Readonly<Partial<Record<TaskReason, string>>> = {
  strength: t`Waiting longer risks more glass than it gains fizz.`,
  limit: t`Later it may pass what the bottle bears.`,
  'limit-before-fizz': t`The bottle bears no more; it stays gentle.`,
  fizz: t`Later it is livelier and drier than you want.`,
  alcohol: t`Later it is stronger than you want.`,
  'beyond-forecast': t`It stays within what the bottle bears.`,
};

function chill({ task, root }: Due, answer: LotAnswer | null): Said {
  if (task.reason === 'do-not-handle')
    return {
      title: t`${root.name}: do not handle ${bottlesOf(task)}`,
      why: t`The glass may give way.`,
      caution: t`Do not touch, open or carry it: cool it where it stands.`,
    };
  return {
    title: t`Chill ${bottlesOf(task)} of ${root.name}`,
    why: chillWhy[answer?.chill?.closes ?? task.reason] ?? t`Cold keeps the fizz it has.`,
    caution: t`Glasses on if it feels hard; carry it wrapped.`,
  };
}

const feedWhy: Readonly<Partial<Record<TaskReason, string>>> = {
  resting: t`Even at rest in the fridge it starves.`,
  'build-up': t`Its brew needs more of it by then.`,
  away: t`One feed lasts it that long.`,
  round: t`All of them are due then.`,
};

function feed({ task, lot }: Due): Said {
  if (task.reason === 'starved')
    return { title: t`Bring ${lot.name} back`, when: t`now`, why: t`It starved: look and smell first.` };
  return {
    title: `${renewalOf(lot) ? t`Strain and feed` : t`Feed`} ${inARow(task.lots.map(({ name }) => name))}`,
    amount: task.parts || task.portions.length === 0 ? null : portionsWords(task.portions),
    why: feedWhy[task.parts ? 'round' : task.reason] ?? t`By then it has eaten its last feed.`,
  };
}

function rest({ task, lot }: Due): Said {
  return {
    title: t`${renewalOf(lot) ? t`Strain and feed` : t`Feed`} ${lot.name}, then into the fridge`,
    amount: portionsWords(task.portions) || null,
    why: t`Cold and fed, it rests for weeks.`,
  };
}

function wake({ task, lot }: Due): Said {
  return {
    title: t`Wake ${lot.name} on the counter, and feed it`,
    amount: portionsWords(task.portions) || null,
    why: t`One to three days bring it back to life.`,
  };
}

function pitch({ lot }: Due): Said {
  const ml = lot.recipe?.planned?.ml;
  return {
    title: t`Pitch ${lot.name}`,
    amount: ml ? t`${volume(Math.round(ml))} of starter` : null,
    when: t`once it is below 30 °C`,
    why: t`Left without a starter, wild guests find the sugar.`,
  };
}

function bottle({ task, lot, now }: Due): Said {
  const due = task.from <= now;
  if (task.reason === 'closed-jar')
    return {
      title: due ? t`Taste ${lot.name}; into the fridge if you like it` : t`Taste ${lot.name}`,
      why: t`Cold holds its sweetness.`,
      caution: slowly,
    };
  return {
    title: due ? t`Taste ${lot.name}; bottle it if you like it` : t`Taste ${lot.name}`,
    why: t`The sugar that is left makes the fizz.`,
    caution: bottlesBear,
  };
}

function open({ task, root, now }: Due): Said {
  switch (task.reason) {
    case 'cold-do-not-handle':
      return {
        title: t`${root.name}: leave it cold, do not handle`,
        when: t`now`,
        why: t`The glass may give way.`,
        caution: t`Do not touch, open or carry it: keep it covered.`,
      };
    case 'cold-limit':
      return {
        title: t`Open ${root.name}`,
        why: t`Even cold it goes on; the bottle bears no more.`,
        caution: coldAndSlow,
      };
    case 'cold-fizz':
      return {
        title: t`Open ${root.name}`,
        why: t`Even cold it goes on, and would gush.`,
        caution: coldAndSlow,
      };
    default:
      return {
        title: task.from <= now ? t`Open ${root.name}` : t`Leave ${root.name} to settle`,
        why: t`Two cold days let the gas dissolve.`,
        caution: coldAndSlow,
      };
  }
}

function tend({ task, lot }: Due): Said {
  const names = inARow(task.lots.map(({ name }) => name));
  const several = task.lots.length > 1;
  if (task.reason === 'infusion')
    return { title: t`Taste ${lot.name}; strain out what steeps`, why: t`Too long overwhelms.` };
  if (task.reason === 'vent')
    return {
      title: t`Lift the ${several ? t`lids` : t`lid`} of ${names}`,
      why: t`The gas must find its way out.`,
    };
  return {
    title:
      task.reason === 'shake'
        ? t`Shake ${names}, and open ${several ? t`their lids` : t`its lid`}`
        : t`Stir ${names}`,
    why: t`What lies dry on top grows fuzz.`,
  };
}

const discard = ({ lot }: Due): Said => ({
  title: t`Discard all of ${lot.name}`,
  when: t`now`,
  why: t`Fuzz, odd colour or a foul smell.`,
  caution: t`Never skim and drink.`,
});

/** One a verb. */
const byVerb: Readonly<Record<Verb, (due: Due, answer: LotAnswer | null) => Said>> = {
  chill,
  feed,
  rest,
  wake,
  pitch,
  bottle,
  open,
  tend,
  discard,
};
