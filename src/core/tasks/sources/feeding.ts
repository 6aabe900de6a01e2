import { lastAt } from '../../lots/lineage';
import { keptCulture, usualFeed } from '../../starter/feed-plan';
import { neglectOf } from '../../starter/neglect';
import { renewalOf } from '../../starter/renewal';
import { jarRuleOf } from '../rule';
import { type Task, type TaskAsk } from '../task';
import { hourMs } from '../../duration';

const weekMs = 7 * 24 * hourMs;

/** Kept jars: feed before they hunger; in the fridge within the weeks they last. */
export function feedingTasks({ living, starterAnswer, household, now }: TaskAsk): readonly Task[] {
  return living.flatMap((lot): Task[] => {
    const culture = keptCulture(lot);
    if (!culture || usualFeed(lot).length === 0) return [];
    const portions = renewalOf(lot)?.portions ?? usualFeed(lot);
    const base = { id: `feed-${lot.id}`, verb: 'feed', lots: [lot], portions } as const;
    const answer = starterAnswer(lot.id);
    const neglect = neglectOf(lot, household.warmths, now);
    // The usual feed is no help to a jar that starved: its page brings it back step by step.
    const starved = neglect && neglect.state !== 'late' ? 'starved' : null;
    if (lot.place === 'fridge') {
      const fed = lastAt(lot, ({ kind }) => kind === 'added');
      const until = fed + culture.keeping.restsWeeks * weekMs;
      return [
        {
          ...base,
          from: until - weekMs,
          until,
          fromSoftHours: 48,
          untilSoftHours: 96,
          reason: starved ?? 'resting',
        },
      ];
    }
    if (!answer) return [];
    const { start, feed, rule } = answer;
    return [
      {
        ...base,
        from: start + feed.earliest * hourMs,
        until: start + feed.latest * hourMs,
        fromSoftHours: feed.earliestSpread,
        untilSoftHours: feed.latestSpread,
        ...(rule && !starved ? { rule: jarRuleOf(lot, rule, start) } : {}),
        reason: starved ?? 'hungry',
      },
    ];
  });
}
