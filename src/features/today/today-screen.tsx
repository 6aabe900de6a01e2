import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { lazy, Suspense, useDeferredValue } from 'react';
import { agenda } from '@/core/tasks/agenda';
import { askedOf } from './asked';
import { firstKind } from '@/core/cultures/registry';
import { celsiusAt } from '@/core/kitchen/places';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { View } from 'react-native';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { inWords } from '@/words/moment';
import { KitchenClock } from '../clock/clock-later';
import { useBook } from '../forecasting/book';
import { TaskCard } from './task-card';
import { FirstBug } from './first-bug';
import { QuietDay } from './quiet-day';
import { WarmthControl } from './warmth-control';

const firstCards = 3;
const DoneToday = lazy(async () => ({ default: (await import('./done-today')).DoneToday }));

/** What needs hands, in the order of its closing time, pressure first. */
export function TodayScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const router = useRouter();
  const book = useBook();
  const wide = useWide();
  // At first as many cards as a phone shows; the rest a moment later, so that neither holds the page for long.
  const whole = useDeferredValue(true, false);
  const over = format(now, 'EEEE, H:mm');
  if (household.lots.size === 0) {
    return (
      <Screen title="An empty kitchen, full of promise" over={over}>
        <FirstBug kind={firstKind.name} onBegin={() => router.navigate('/starters/new')} />
      </Screen>
    );
  }
  const { living, lotAnswer, starterAnswer } = book;
  const celsius = celsiusAt(household.warmths, 'counter', now);
  if (book.fresh) {
    return (
      <Screen title="Looking around" over={over} aside={<WarmthControl celsius={celsius} />}>
        <Card>
          <Text as="subheading" live>
            Reckoning what comes next…
          </Text>
          <Text>Some seconds, this once: from then on the last answers are there at once.</Text>
        </Card>
      </Screen>
    );
  }
  const tasks = agenda({ household, living, lotAnswer, starterAnswer, now });
  const asked = askedOf(tasks, lotAnswer, now);
  const open = tasks.filter(({ from }) => from <= now + 2 * 3_600_000);
  const actions = (
    <View style={{ gap: gap.large, flex: wide ? 1 : undefined, minWidth: 0 }}>
      {tasks.length === 0 ? <QuietDay /> : null}
      {(whole ? tasks : tasks.slice(0, firstCards)).map((task) => (
        <TaskCard key={task.id} task={task} now={now} look={asked?.task === task ? asked.words : null} />
      ))}
      <Suspense fallback={null}>{whole ? <DoneToday now={now} /> : null}</Suspense>
    </View>
  );
  return (
    <Screen
      title={headline(open.length, now)}
      over={over}
      width={wide ? 1360 : 640}
      aside={<WarmthControl celsius={celsius} />}
    >
      {wide ? (
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-start' }}>
          {actions}
          <View style={{ flex: 1, minWidth: 0, maxWidth: 640 }}>
            <KitchenClock now={now} beside />
          </View>
        </View>
      ) : (
        <>
          {actions}
          <InkButton quiet label="The kitchen’s clock" onPress={() => router.navigate('/clock' as never)} />
        </>
      )}
    </Screen>
  );
}

function headline(open: number, now: number): string {
  const hour = new Date(now).getHours();
  const before =
    hour < 12 ? 'this morning' : hour < 17 ? 'this afternoon' : hour < 22 ? 'before bed' : 'tonight';
  if (open === 0) return 'Nothing needs hands yet';
  return `${inWords(open)} ${open === 1 ? 'thing' : 'things'} ${before}`;
}
