import { View } from 'react-native';
import { watchOf, type Watch } from '@/core/tasks/pressure-watch';
import type { Lot } from '@/core/lots/lot';
import type { Task } from '@/core/tasks/task';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { lotOf } from '@/core/journal/household';
import { squeezedFor } from '@/core/forecast/question/pilot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { doNow, stageWords, watchLines } from '@/words/tasks/watch-words';
import { useForecasts } from '../forecasting/forecasts';
import { t } from '@/core/language/t';

/** Pressure of the bottles of a task: the one nearest its limit, when it gets there, at what chance, and what to do now. */
export function WatchLines({ task, now }: { readonly task: Task; readonly now: number }) {
  const forecasts = useForecasts();
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  if (task.verb !== 'chill' && task.verb !== 'open') return null;
  const nearest = task.lots.reduce<{ watch: Watch; lot: Lot } | null>((top, lot) => {
    const answer = forecasts.lotAnswer(lot.id);
    const watch = answer && watchOf(answer, now);
    return watch && (!top || watch.edge > top.watch.edge) ? { watch, lot } : top;
  }, null);
  if (!nearest || (nearest.watch.stage === 'at-ease' && task.verb === 'open')) return null;
  const { watch, lot } = nearest;
  const squeezed = squeezedFor(lot, (id) => lotOf(household, id))?.name ?? null;
  const cold = task.verb === 'open';
  const grave = watch.stage === 'do-not-handle';
  return (
    <View testID="watch" style={{ gap: 2 }}>
      <Text as="strong" color={grave ? roles.danger : roles.text}>
        {`${stageWords[watch.stage]}${task.lots.length > 1 ? t`, bottle ${lot.name} first` : ''}: ${doNow(watch.stage, cold, squeezed)}`}
      </Text>
      <Text color={roles.softText}>{watchLines(watch, now, cold).join(' ')}</Text>
    </View>
  );
}
