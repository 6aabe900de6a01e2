import { wakingOf } from '../settings/waking-hours';
import { keptCulture } from '../starter/feed-plan';
import { awakeTasks, rounds } from './rounds';
import { brewingTasks } from './sources/brewing';
import { feedingTasks } from './sources/feeding';
import { openingTasks } from './sources/opening';
import { plannedTasks } from './sources/planned';
import { pressureTasks } from './sources/pressure';
import { spoilingTasks } from './sources/spoiling';
import { tendingTasks } from './sources/tending';
import { type Task, type TaskAsk, type TaskSource } from './task';
import { hourMs } from '../duration';

const sources: readonly TaskSource[] = [
  spoilingTasks,
  pressureTasks,
  feedingTasks,
  plannedTasks,
  brewingTasks,
  openingTasks,
  tendingTasks,
];

/** How far ahead Today looks, ms. */
const aheadMs = 48 * hourMs;

const urgency = {
  discard: 2,
  chill: 1,
  feed: 0,
  rest: 0,
  wake: 0,
  pitch: 0,
  bottle: 0,
  open: 0,
  tend: 0,
} as const;

/** Everything there is to do with what lives, however far ahead, and in the night too. */
export const everyTask = (ask: TaskAsk): Task[] =>
  onePerJar(
    sources.flatMap((source) => source(ask)),
    ask.now,
  );

/**
 * What is next: spoilt things and pressure first, then everything by closing time.
 *
 * @returns tasks open within two days, in order; nothing for what the forecast does not know yet
 */
export const agenda = (ask: TaskAsk): Task[] =>
  rounds(awakeTasks(everyTask(ask), wakingOf(ask.household), ask.now))
    .filter(({ from }) => from < ask.now + aheadMs)
    .sort((a, b) => urgency[b.verb] - urgency[a.verb] || a.until - b.until);

/** A feed that closes so long before a planned one opens is another one, in the jar's rhythms: it does not go hungry till then. */
const another = 0.25;

/** A planned feed, rest or waking of a jar stands for the usual feed of about then: nobody feeds it twice. */
function onePerJar(tasks: readonly Task[], now: number): Task[] {
  const planned = new Map(
    tasks
      .filter(({ reason }) => ['build-up', 'away', 'home'].includes(reason))
      .map(({ lots, from }) => [lots[0]!.id, from] as const),
  );
  return tasks.filter(({ verb, reason, lots, until }) => {
    if (verb !== 'feed' || !['hungry', 'resting', 'starved'].includes(reason)) return true;
    const from = planned.get(lots[0]!.id);
    const { keeping } = keptCulture(lots[0]!)!;
    return from === undefined || Math.max(now, until) < from - another * keeping.feed.everyHours * hourMs;
  });
}
