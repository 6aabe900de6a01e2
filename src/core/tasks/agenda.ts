import { brewingTasks } from './sources/brewing';
import { feedingTasks } from './sources/feeding';
import { openingTasks } from './sources/opening';
import { pressureTasks } from './sources/pressure';
import { spoilingTasks } from './sources/spoiling';
import { hourMs, type Task, type TaskAsk, type TaskSource } from './task';

const sources: readonly TaskSource[] = [
  spoilingTasks,
  pressureTasks,
  feedingTasks,
  brewingTasks,
  openingTasks,
];

/** How far ahead Today looks, ms. */
const aheadMs = 48 * hourMs;

const urgency = { discard: 2, chill: 1, feed: 0, pitch: 0, bottle: 0, open: 0 } as const;

/**
 * What is next: spoilt things and pressure first, then everything by closing time.
 *
 * @returns tasks open within two days, in order; nothing for what the forecast does not know yet
 */
export const agenda = (ask: TaskAsk): Task[] =>
  sources
    .flatMap((source) => source(ask))
    .filter(({ from }) => from < ask.now + aheadMs)
    .sort((a, b) => urgency[b.verb] - urgency[a.verb] || a.until - b.until);
