import { knownCultures } from '@/core/cultures/registry';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Household } from '@/core/journal/household';
import { lotOf } from '@/core/journal/household';
import { rootOf } from '@/core/forecast/question/family-members';
import { cautionOf } from '@/core/settings/caution';
import { celsiusAt } from '@/core/kitchen/places';
import { wakingOf } from '@/core/settings/waking-hours';
import { neglectOf } from '@/core/starter/neglect';
import { renewalOf } from '@/core/starter/renewal';
import type { Lot } from '@/core/lots/lot';
import type { Task, Verb } from '@/core/tasks/task';
import { inARow, portionsWords, volume } from '../amounts';
import { chillReason, tasteReason } from './reasons';
import { lateWords } from './late-words';
import { starvedWords } from '../starters/neglect-words';
import { ruleLines, ruleOrder, unaskedWords } from './rule-words';
import { byWords, moment, quarter } from '../moment';
import { dayMs } from '@/core/duration';
import { capital } from '@/core/capital';
import { plural, t } from '@/core/language/t';

export interface TaskWords {
  readonly over: string;
  readonly title: string;
  readonly because: string;
  /** What each result of a look leads to. */
  readonly lines?: readonly string[];
  /** The ribbon in words. */
  readonly span: string;
}

/** What a card says: do this, from–until, because. What is late is said as late. */
export function taskWords(
  task: Task,
  household: Household,
  answer: LotAnswer | null,
  now: number,
): TaskWords {
  const words = byVerb[task.verb](dueOf(task, household, answer, now));
  if (task.reason === 'starved') return words;
  const late = lateWords(task.verb, task.lots[0]!, task.until, now);
  return late ? { ...words, because: late, span: `${late.slice(0, late.indexOf(':'))}.` } : words;
}

/** What the words of a task are made of. */
interface Due {
  readonly task: Task;
  readonly household: Household;
  readonly answer: LotAnswer | null;
  readonly now: number;
  readonly lot: Lot;
  readonly root: Lot;
  readonly from: string;
  readonly until: string;
  /** By when, as it is said. */
  readonly by: string;
  readonly span: string;
  /** Whether its time has begun. */
  readonly due: boolean;
}

function dueOf(task: Task, household: Household, answer: LotAnswer | null, now: number): Due {
  const from = moment(quarter(task.from), now);
  const until = moment(quarter(task.until), now);
  const lot = task.lots[0]!;
  return {
    task,
    household,
    answer,
    now,
    lot,
    root: rootOf(lot, (id) => lotOf(household, id)),
    from,
    until,
    by: byWords(task.until, now, wakingOf(household).to),
    span: t`Good from ${from} until ${until}.`,
    due: task.from <= now,
  };
}

function chill({ task, household, answer, now, lot, root, from, until, by, span, due }: Due): TaskWords {
  const title =
    task.reason === 'do-not-handle'
      ? t`do not handle`
      : quarter(task.until) <= now
        ? t`chill now, where they stand`
        : due
          ? t`chill ${by}`
          : t`chill ${!by.startsWith(t`before bed`) ? t`between ${from} and ${until}` : t`from ${from}, ${by}`}`;
  const which = task.lots.length === 1 ? t`bottle ${lot.name}` : plural(task.lots.length, 'bottle');
  const celsius = celsiusAt(household.warmths, lot.place, now);
  const because = answer
    ? capital(chillReason(answer, lot.vessel.kind, celsius, cautionOf(household) === 'careful'))
    : '';
  const over = t`Pressure watch, ${which}`;
  // Who does not look chills by the end of the window.
  if (task.rule)
    return {
      over,
      title: `${root.name}: ${ruleOrder(task.rule, now)}`,
      lines: ruleLines(task.rule, now),
      because: t`Without a look: ${title}.`,
      span,
    };
  const without = answer?.advice?.unasked && unaskedWords(answer.advice.unasked);
  return {
    over,
    title: `${root.name}: ${title}`,
    ...(without ? { lines: [without] } : {}),
    because,
    span,
  };
}

function feed({ task, household, now, lot, from, until, span, due }: Due): TaskWords {
  if (task.parts)
    return {
      over: t`One round`,
      title: t`Feed ${task.lots.map(({ name }) => name).join(', ')}`,
      because: t`${due ? t`before ${until}` : t`between ${from} and ${until}`}: all of them are due then.`,
      span,
    };
  const starved = task.reason === 'starved' ? neglectOf(lot, household.warmths, now) : null;
  const kind = capital(knownCultures(lot.culture)?.name ?? t`starter`);
  if (starved)
    return {
      over: `${kind} “${lot.name}”`,
      title: t`Bring ${lot.name} back`,
      because: t`${starvedWords(starved)} Smell it first: fuzz, colour or a foul smell, and all of it goes.`,
      span,
    };
  const because =
    task.reason === 'resting'
      ? t`before ${until}: even at rest in the fridge it starves after some weeks.`
      : task.reason === 'build-up'
        ? t`around ${moment(quarter((task.from + task.until) / 2), now)}: it is being built up for a brew.`
        : task.reason === 'away'
          ? t`before you leave ${until}: it stands that long on one feed.`
          : t`before ${until}: by then it has eaten its last feed.`;
  if (task.rule)
    return {
      over: `${kind} “${lot.name}”`,
      title: capital(ruleOrder(task.rule, now)),
      lines: ruleLines(task.rule, now),
      because: t`Without tasting: strain it, and feed ${portionsWords(task.portions)}, before ${until}.`,
      span,
    };
  const strain = renewalOf(lot) ? t`Strain it, then ` : '';
  const feed = t`feed ${portionsWords(task.portions)}`;
  return {
    over: `${kind} “${lot.name}”`,
    title: strain + (strain ? feed : capital(feed)),
    because,
    span,
  };
}

function rest({ task, lot, until, span }: Due): TaskWords {
  return {
    over: t`Before you leave`,
    title: t`${renewalOf(lot) ? t`Strain, feed` : t`Feed`} ${portionsWords(task.portions)}, then ${lot.name} into the fridge`,
    because: t`by ${until}: cold and fed it rests for weeks.`,
    span,
  };
}

function wake({ task, lot, span }: Due): TaskWords {
  return {
    over: t`Home again`,
    title: t`Wake ${lot.name}: onto the counter, ${portionsWords(task.portions)}`,
    because: t`from then on it is lively again within one to three days.`,
    span,
  };
}

function pitch({ lot, span }: Due): TaskWords {
  const planned = lot.recipe?.planned;
  const dose = planned?.ml ? t`${volume(Math.round(planned.ml))} into ${lot.name}` : lot.name;
  return {
    over: t`Mixed, not yet alive`,
    title: t`Pitch ${dose}`,
    because: t`once it is below 30 °C, and before wild guests find the sugar.`,
    span,
  };
}

function bottle({ task, now, lot, from, until, span, due }: Due): TaskWords {
  const closed = task.reason === 'closed-jar';
  if (task.rule)
    return {
      over: t`First ferment`,
      title: capital(ruleOrder(task.rule, now)),
      lines: ruleLines(task.rule, now),
      because: t`Your own taste comes first. Without tasting: ${closed ? t`chill it` : t`bottle it`} between ${from} and ${until}.`,
      span,
    };
  return {
    over: t`First ferment`,
    title: !due
      ? t`Taste ${lot.name} from ${from}`
      : closed
        ? t`Taste ${lot.name}; into the fridge if you like it`
        : t`Taste ${lot.name}; bottle it if you like it`,
    ...(task.until - Math.max(now, task.from) > dayMs
      ? {
          lines: [
            t`Sweeter than you like: taste again ${moment(quarter(Math.max(now, task.from) + dayMs), now)}.`,
          ],
        }
      : {}),
    because: t`until ${until}, because ${tasteReason(closed)}`,
    span,
  };
}

function open({ task, root, from, until, span, due }: Due): TaskWords {
  return {
    over: t`${plural(task.lots.length, 'bottle')} in the fridge`,
    title:
      task.reason === 'cold-do-not-handle'
        ? t`${root.name}: leave it cold, do not handle`
        : due
          ? t`Open ${root.name}`
          : t`${root.name} settles until ${from}`,
    because:
      task.reason === 'cold-limit'
        ? t`by ${until}: even cold it goes on. From then one in twenty is past what its bottle bears.`
        : task.reason === 'cold-fizz'
          ? t`by ${until}: even cold it goes on, and would gush.`
          : t`at its best until about ${until}: two days of cold let the gas dissolve, weeks make it drier.`,
    span,
  };
}

function tend({ task, lot, until, span }: Due): TaskWords {
  const steeps = task.reason === 'infusion';
  const several = task.lots.length > 1;
  const names = inARow(task.lots.map(({ name }) => name));
  const title =
    task.reason === 'stir'
      ? t`Stir ${names}`
      : task.reason === 'shake'
        ? t`Shake ${names}, and open ${several ? t`their lids` : t`its lid`}`
        : steeps
          ? t`Taste ${lot.name}; strain out what steeps`
          : t`Lift the ${several ? t`lids` : t`lid`} of ${names}`;
  return {
    over: steeps ? t`It steeps` : lot.role === 'starter' ? t`Every day` : t`First ferment`,
    title,
    because: steeps
      ? t`by ${until} at the latest: too long overwhelms.`
      : t`before ${until}: what lies dry on top grows fuzz, and gas must find its way.`,
    span,
  };
}

function discard({ lot, span }: Due): TaskWords {
  return {
    over: t`Spoilt`,
    title: t`Discard ${lot.name}`,
    because: t`fuzz, odd colour or a foul smell: all of it goes, and the vessel is cleaned. Never skim and drink.`,
    span,
  };
}

/** One a verb. */
const byVerb: Readonly<Record<Verb, (due: Due) => TaskWords>> = {
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
