import { lotOf } from '../../journal/household';
import { pitchOf } from '../../lots/pitch';
import { isClosedJar, jarRuleOf } from '../rule';
import { type Task, type TaskAsk } from '../task';
import { hourMs } from '../../duration';

/** Brews: pitch what is mixed; taste what ferments, and bottle it or chill it in its jar. */
export function brewingTasks({ living, household, lotAnswer, now }: TaskAsk): readonly Task[] {
  return living.flatMap((lot): Task[] => {
    if (lot.role !== 'brew') return [];
    const pitch = pitchOf(lot, (id) => lotOf(household, id));
    if (!pitch)
      return [
        {
          id: `pitch-${lot.id}`,
          verb: 'pitch',
          lots: [lot],
          portions: [],
          from: lot.begunAt,
          until: Math.max(lot.begunAt + 24 * hourMs, now),
          fromSoftHours: 0.5,
          untilSoftHours: 8,
          reason: 'mixed',
        },
      ];
    const answer = lotAnswer(lot.id);
    if (!answer?.taste || lot.place === 'fridge') return [];
    const { start, taste, tasteRule } = answer;
    return [
      {
        id: `bottle-${lot.id}`,
        verb: 'bottle',
        lots: [lot],
        portions: [],
        from: start + taste.earliest * hourMs,
        until: start + taste.latest * hourMs,
        fromSoftHours: taste.earliestSpread,
        untilSoftHours: taste.latestSpread,
        ...(tasteRule ? { rule: jarRuleOf(lot, tasteRule, start) } : {}),
        reason: isClosedJar(lot) ? 'closed-jar' : 'sweetness',
      },
    ];
  });
}
