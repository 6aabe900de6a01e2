import { lazy, Suspense } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Task } from '@/core/tasks/task';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Caution } from '@/ui/controls/caution';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { cardWords } from '@/words/tasks/card-words';
import { useForecasts } from '../forecasting/forecasts';
import { HeldHour } from '../plan/lazy';
import { Why } from '../why/why';
import { TaskButtons } from './task-buttons';
import { TaskPicture } from './task-picture';
import { t } from '@/core/language/t';

/** Read one tap down: loaded with the sheet. */
const Details = lazy(async () => ({ default: (await import('./task-details')).TaskDetails }));

interface Props {
  readonly task: Task;
  readonly now: number;
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

/** While the answers of a start are worked out closer. */
const firstEstimate = t`A first estimate: it may still move.`;
const workingOut = t`Noted. This is being worked out again.`;

/** One thing to do in three lines: what with its amount, when, and the rule or why. All else is in the sheet behind "Why?". */
export function TaskCard({ task, now }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const lot = task.lots[0]!;
  const forecasts = useForecasts();
  const answer = forecasts.lotAnswer(lot.id);
  const said = cardWords(task, household, answer, now);
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
    <Card edge={urgent ? roles.warning : undefined} label={said.title} testID={`action-${task.verb}`}>
      <View style={styles.top}>
        <TaskPicture task={task} now={now} />
        <View style={styles.words}>
          <View style={styles.over}>
            <Text as="strong" named color={accent} lines={2} style={styles.overWords}>
              {said.over}
            </Text>
            <Why
              topic={topics[task.verb]}
              lot={lot}
              now={now}
              whole={
                stale ? null : (
                  <Suspense fallback={null}>
                    <Details task={task} now={now} />
                  </Suspense>
                )
              }
            />
          </View>
          <Text as="heading" level={2} color={stale ? roles.softText : undefined} style={styles.order}>
            {said.title}
          </Text>
          {stale || !said.amount ? null : <Text>{said.amount}</Text>}
          {stale ? null : <Text as="strong">{said.when}</Text>}
          <Text color={roles.softText} live={stale} style={styles.why}>
            {stale ? workingOut : forecasts.first ? firstEstimate : said.why}
          </Text>
        </View>
      </View>
      {household.settings.wish ? <HeldHour task={task} now={now} /> : null}
      <Ribbon span={task} now={now} {...ribbonClock(now)} summary={said.span} />
      {said.caution && !stale ? <Caution>{said.caution}</Caution> : null}
      <TaskButtons task={task} now={now} />
    </Card>
  );
}

const styles = StyleSheet.create({
  /** Two lines, whatever it says: a first estimate gives way to the reason, and nothing below moves. */
  why: { minHeight: 44 },
  /** Told at arm's length. */
  order: { fontSize: 28, lineHeight: 32 },
  top: { flexDirection: 'row', gap: gap.medium, alignItems: 'flex-start' },
  words: { flex: 1, gap: 3, minWidth: 0 },
  over: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', marginTop: -12 },
  overWords: { flex: 1 },
});
