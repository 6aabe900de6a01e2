import { infusingOf } from '../../brew/infusing';
import { stirredSince, tendingOf } from '../../brew/tending';
import { wild } from '../../cultures/kinds/wild';
import { lotOf } from '../../journal/household';
import type { Lot } from '../../lots/lot';
import { pitchOf } from '../../lots/pitch';
import type { Task, TaskAsk, TaskReason } from '../task';
import { hourMs } from '../../duration';

/** A first ferment’s daily work may be done so long before and after it is due, hours. */
const slack = { before: 6, after: 10, overdue: 2 } as const;

/** Brews in their first ferment: stir what floats, let gas out, take out what steeps. */
export function tendingTasks({ living, household, now }: TaskAsk): readonly Task[] {
  return living.flatMap((lot): Task[] => {
    if (lot.role === 'starter') return starterTending(lot, now);
    const pitch = lot.role === 'brew' ? pitchOf(lot, (id) => lotOf(household, id)) : null;
    if (!pitch) return [];
    const infusing = infusingOf(lot);
    if (infusing?.stage === 'steeping') return [task(lot, 'infusion', infusing.from, infusing.until)];
    // A closed jar goes on a little in the cold: its lid is pressed and lifted there too.
    if (lot.place === 'fridge' && lot.closure !== 'sealed') return [];
    const due = dueOf(lot, pitch.at);
    if (!due) return [];
    // What was put off is still to be done, soon.
    const until = Math.max(due.at + slack.after * hourMs, now + slack.overdue * hourMs);
    return [task(lot, due.reason, due.at - slack.before * hourMs, until)];
  });
}

/** A starter of flowers or fruit is shaken and opened every day; what is fed daily is stirred with its feed. */
function starterTending(lot: Lot, now: number): Task[] {
  if (lot.place === 'fridge' || lot.culture !== wild.id) return [];
  const last = lot.events.filter(({ kind }) => kind === 'stirred' || kind === 'added').at(-1)?.at;
  const at = (last ?? lot.begunAt) + 24 * hourMs;
  const until = Math.max(at + slack.after * hourMs, now + slack.overdue * hourMs);
  return [task(lot, 'shake', at - slack.before * hourMs, until)];
}

const task = (lot: Lot, reason: TaskReason, from: number, until: number): Task => ({
  id: `tend-${lot.id}`,
  verb: 'tend',
  lots: [lot],
  portions: [],
  from,
  until,
  fromSoftHours: 3,
  untilSoftHours: 4,
  reason,
});

/** What is due first: a stir, or the lid. */
function dueOf(
  lot: Lot,
  pitchedAt: number,
): { readonly reason: 'stir' | 'vent'; readonly at: number } | null {
  const { stirs, ventEveryHours } = tendingOf(lot);
  const stir = stirs > 0 ? (stirredSince(lot, 0).last ?? pitchedAt) + (24 / stirs) * hourMs : Infinity;
  const vented = lot.events.filter(({ kind }) => kind === 'vented').at(-1)?.at ?? pitchedAt;
  const vent = ventEveryHours === null ? Infinity : vented + ventEveryHours * hourMs;
  const at = Math.min(stir, vent);
  return Number.isFinite(at) ? { reason: stir <= vent ? 'stir' : 'vent', at } : null;
}
