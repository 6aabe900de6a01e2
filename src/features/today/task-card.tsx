import { StyleSheet, View } from 'react-native';
import type { Task } from '@/core/tasks/task';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { taskWords } from '@/words/tasks/task-words';
import { useForecasts } from '../forecasting/forecasts';
import { Why } from '../why/why';
import { TaskButtons } from './task-buttons';
import { TaskPicture } from './task-picture';
import { WatchLines } from './watch-lines';

interface Props {
  readonly task: Task;
  readonly now: number;
  /** The one look asked for today, when it is about this. */
  readonly look?: string | null;
}

const topics = {
  chill: 'chill',
  feed: 'feed',
  rest: 'feed',
  wake: 'feed',
  pitch: 'sugar',
  bottle: 'taste',
  open: 'pressure',
  tend: 'taste',
  discard: 'level',
} as const;

const workingOut = 'Noted. This is being worked out again.';

/** One thing to do: verb and amount, when, why, and the button that says it is done. */
export function TaskCard({ task, now, look }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const lot = task.lots[0]!;
  const forecasts = useForecasts();
  const words = taskWords(task, household, forecasts.lotAnswer(lot.id), now);
  // What was just done is not in these figures yet: they give no orders until it is.
  const stale = task.lots.some(({ id }) => forecasts.stale(id));
  const urgent =
    (task.verb === 'chill' && task.from <= now && !stale) ||
    task.verb === 'discard' ||
    task.reason === 'cold-do-not-handle';
  const accent =
    task.verb === 'feed'
      ? roles.starter
      : task.verb === 'chill' || task.verb === 'discard'
        ? roles.warning
        : roles.brew;
  return (
    <Card edge={urgent ? roles.warning : undefined} label={words.title} testID={`action-${task.verb}`}>
      <View style={styles.top}>
        <TaskPicture task={task} now={now} />
        <View style={styles.words}>
          <View style={styles.over}>
            <Text as="strong" named color={accent} lines={2} style={styles.overWords}>
              {words.over}
            </Text>
            <Why topic={topics[task.verb]} lot={lot} now={now} />
          </View>
          <Text as="heading" level={2} color={stale ? roles.softText : undefined}>
            {words.title}
          </Text>
          {stale ? null : words.lines?.map((line) => <Text key={line}>{line}</Text>)}
          <Text color={roles.softText} live={stale}>
            {stale ? workingOut : words.because}
          </Text>
        </View>
      </View>
      {stale ? null : <WatchLines task={task} now={now} />}
      {look && !stale ? (
        <Text as="strong" color={roles.brew} testID="asked-look">
          {look}
        </Text>
      ) : null}
      <Ribbon span={task} now={now} {...ribbonClock(now)} summary={words.span} />
      <TaskButtons task={task} now={now} />
    </Card>
  );
}

const styles = StyleSheet.create({
  top: { flexDirection: 'row', gap: gap.medium, alignItems: 'flex-start' },
  words: { flex: 1, gap: 3, minWidth: 0 },
  over: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', marginTop: -12 },
  overWords: { flex: 1 },
});
