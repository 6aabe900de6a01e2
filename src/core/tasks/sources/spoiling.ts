import { isDiscard } from '../../lots/signs';
import { type Task, type TaskAsk } from '../task';
import { hourMs } from '../../duration';

/** Mould, foul smell, odd colour: no way round it. */
export const spoilingTasks = ({ living, now }: TaskAsk): readonly Task[] =>
  living.flatMap((lot): Task[] => {
    const bad = lot.events.some(
      (event) => event.kind === 'read' && event.readings.some(({ kind, value }) => isDiscard(kind, value)),
    );
    return bad
      ? [
          {
            id: `discard-${lot.id}`,
            verb: 'discard',
            lots: [lot],
            portions: [],
            from: now - hourMs,
            until: now,
            fromSoftHours: 1,
            untilSoftHours: 1,
            reason: 'spoilt',
          },
        ]
      : [];
  });
