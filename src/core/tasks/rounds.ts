import { whileAwake, type WakingHours } from '../kitchen/waking';
import { hourMs, type Task } from './task';

/** Feeds that are offered as one round share at least this long, ms. */
const together = 1 * hourMs;
/** What is brought into waking hours: nothing of it is ever put off beyond its end, and spoilt things wait for nobody. */
const waits: readonly Task['verb'][] = ['feed', 'rest', 'wake', 'chill', 'bottle', 'open', 'tend'];

/** Tasks brought into waking hours: what would end in the night ends before bed. */
export const awakeTasks = (tasks: readonly Task[], waking: WakingHours, now: number): Task[] =>
  tasks.map((task) => {
    if (!waits.includes(task.verb) || task.until <= now) return task;
    const span = whileAwake(task, waking);
    if (span.until <= now) return task;
    return { ...task, ...span };
  });

/**
 * Feeds of several jars whose windows meet, as one round: it lasts while all of them are open. Others stay as they are.
 */
export function rounds(tasks: readonly Task[]): Task[] {
  const feeds = tasks
    .filter(({ verb, reason }) => verb === 'feed' && reason === 'hungry')
    .sort((a, b) => a.until - b.until);
  const taken = new Set<Task>();
  const made: Task[] = [];
  for (const feed of feeds) {
    if (taken.has(feed)) continue;
    let { from, until } = feed;
    const parts = [feed];
    for (const other of feeds) {
      if (other === feed || taken.has(other)) continue;
      const meets = Math.min(until, other.until) - Math.max(from, other.from);
      if (meets < together) continue;
      [from, until] = [Math.max(from, other.from), Math.min(until, other.until)];
      parts.push(other);
    }
    if (parts.length < 2) continue;
    parts.forEach((part) => taken.add(part));
    made.push({
      ...feed,
      id: `round-${parts.map(({ lots }) => lots[0]!.id).join('-')}`,
      lots: parts.map(({ lots }) => lots[0]!),
      portions: [],
      parts,
      from,
      until,
      reason: 'round',
    });
  }
  return [...tasks.filter((task) => !taken.has(task)), ...made];
}
