import { View } from 'react-native';
import type { Task } from '@/core/tasks/task';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { taskWords } from '@/words/tasks/task-words';
import { useForecasts } from '../forecasting/forecasts';
import { askedWords } from './asked';
import { WatchLines } from './watch-lines';

interface Props {
  readonly task: Task;
  readonly now: number;
}

/** All that is known of a task: what each result of a look leads to, exact times, pressure and odds. */
export function TaskDetails({ task, now }: Props) {
  const household = useAppSelector(selectHousehold);
  const answer = useForecasts().lotAnswer(task.lots[0]!.id);
  const { title, lines = [], because, span } = taskWords(task, household, answer, now);
  const look = askedWords(task, answer, household, now);
  return (
    <View style={{ gap: 6 }} testID="task-details">
      <Text as="heading" level={3}>
        {title}
      </Text>
      {lines.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
      <Text>{because}</Text>
      {lines.length > 0 ? null : <Text>{span}</Text>}
      <WatchLines task={task} now={now} />
      {look ? <Text as="strong">{look}</Text> : null}
    </View>
  );
}
