import { heldHourOf } from '@/core/plan/held-hour';
import type { Task } from '@/core/tasks/task';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { heldHourWords } from '@/words/plan/under-way-words';

/** The hour that a plan held for what Today asks; nothing where none did. */
export function HeldHour({ task, now }: { readonly task: Task; readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const held = heldHourOf(task, household, now);
  return held ? <Text testID="held-hour">{heldHourWords(held, now)}</Text> : null;
}
