import { whileAwake, type WakingHours } from '../kitchen/waking';
import { type Task } from './task';
import { hourMs } from '../duration';

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

/** Daily acts on several jars that are one act: each takes many lots. */
const alike: readonly string[] = ['stir', 'shake', 'vent'];

/**
 * Feeds of several jars whose windows meet, as one round: it lasts while all of them are open; a jar that is tasted first stays by itself. Stirs, shakes and lids likewise,
 * each a round of its own. Others stay as they are.
 */
export function rounds(tasks: readonly Task[]): Task[] {
  const fed = joined(
    tasks,
    ({ verb, reason, rule }) => verb === 'feed' && reason === 'hungry' && !rule,
    feedRound,
  );
  return alike.reduce<Task[]>(
    (left, act) => joined(left, ({ verb, reason }) => verb === 'tend' && reason === act, tendRound),
    fed,
  );
}

const roundId = (parts: readonly Task[]) => `round-${parts.map(({ lots }) => lots[0]!.id).join('-')}`;

const feedRound = (parts: readonly Task[]): Partial<Task> => ({
  portions: [],
  parts,
  reason: 'round',
  id: roundId(parts),
});

const tendRound = (parts: readonly Task[]): Partial<Task> => ({
  id: `${parts[0]!.reason}-${roundId(parts)}`,
});

function joined(
  tasks: readonly Task[],
  isOne: (task: Task) => boolean,
  asRound: (parts: readonly Task[]) => Partial<Task>,
): Task[] {
  const those = tasks.filter(isOne).sort((a, b) => a.until - b.until);
  const taken = new Set<Task>();
  const made: Task[] = [];
  for (const first of those) {
    if (taken.has(first)) continue;
    let { from, until } = first;
    const parts = [first];
    for (const other of those) {
      if (other === first || taken.has(other)) continue;
      const meets = Math.min(until, other.until) - Math.max(from, other.from);
      if (meets < together) continue;
      [from, until] = [Math.max(from, other.from), Math.min(until, other.until)];
      parts.push(other);
    }
    if (parts.length < 2) continue;
    parts.forEach((part) => taken.add(part));
    const lots = parts.map(({ lots: [lot] }) => lot!);
    made.push({ ...first, lots, from, until, ...asRound(parts) });
  }
  return [...tasks.filter((task) => !taken.has(task)), ...made];
}
