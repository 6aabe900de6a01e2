import { carryOver, targetLotId } from '../../../lots/transfer';
import type { Fold } from '../../fold';

export const transferred: Fold<'transferred'> = {
  subjects: (entry) => [
    entry.from,
    ...entry.targets.flatMap((target, index) =>
      target.begin ? [targetLotId(entry.id, index)] : target.lotId ? [target.lotId] : [],
    ),
  ],
  fold: (into, entry) => carryOver(into, entry),
};
