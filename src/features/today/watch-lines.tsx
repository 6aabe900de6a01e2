import { View } from 'react-native';
import { watchOf, type Watch } from '@/core/tasks/pressure-watch';
import type { Task } from '@/core/tasks/task';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { doNow, stageWords, watchLines } from '@/words/watch-words';
import { useBook } from '../forecasting/book';

/** Pressure of the bottles of a task: the one nearest its limit, when it gets there, at what chance, and what to do now. */
export function WatchLines({ task, now }: { readonly task: Task; readonly now: number }) {
  const book = useBook();
  const roles = useRoles();
  if (task.verb !== 'chill' && task.verb !== 'open') return null;
  const nearest = task.lots.reduce<{ watch: Watch; name: string } | null>((top, { id, name }) => {
    const answer = book.lotAnswer(id);
    const watch = answer && watchOf(answer, now);
    return watch && (!top || watch.edge > top.watch.edge) ? { watch, name } : top;
  }, null);
  if (!nearest || (nearest.watch.stage === 'at-ease' && task.verb === 'open')) return null;
  const { watch, name } = nearest;
  const cold = task.verb === 'open';
  const grave = watch.stage === 'do-not-handle';
  return (
    <View testID="watch" style={{ gap: 2 }}>
      <Text as="strong" color={grave ? roles.danger : roles.text}>
        {`${stageWords[watch.stage]}${task.lots.length > 1 ? `, bottle ${name} first` : ''}: ${doNow(watch.stage, cold)}`}
      </Text>
      <Text color={roles.softText}>{watchLines(watch, now, cold).join(' ')}</Text>
    </View>
  );
}
