import { useRouter } from 'expo-router';
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { agenda } from '@/core/tasks/agenda';
import type { Task } from '@/core/tasks/task';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { Screen } from '@/ui/layout/screen';
import { useMomentLater } from '@/ui/layout/use-moment-later';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { inWords } from '@/words/moment';
import { useForecasts } from '../forecasting/forecasts';
import { WhatNext } from '../first/lazy';
import { BrewDays, Reminder } from '../plan/lazy';
import { TaskCard } from './task-card';
import { WarmthControl } from './warmth-control';
import { hourMs } from '@/core/duration';
import { KitchenClock } from '../clock/lazy';
import { t } from '@/core/language/t';

/** As many cards as a phone shows. */
const firstCards = 3;
const DoneToday = lazy(async () => ({ default: (await import('./done-today')).DoneToday }));

/** What comes before any plan: spoilt things and pressure. */
const isPressing = ({ verb }: Task): boolean => verb === 'chill' || verb === 'discard';

interface Props {
  readonly now: number;
  /** The line above the headline. */
  readonly over: string;
  readonly celsius: number;
}

/** The day's tasks, and on a wide screen the kitchen's clock beside them. What is not seen at once is drawn a moment later. */
export function Day({ now, over, celsius }: Props) {
  const household = useAppSelector(selectHousehold);
  const router = useRouter();
  const { living, lotAnswer, starterAnswer } = useForecasts();
  const wide = useWide();
  const whole = useMomentLater();
  const tasks = agenda({ household, living, lotAnswer, starterAnswer, now });
  const open = tasks.filter(({ from }) => from <= now + 2 * hourMs);
  const shown = whole ? tasks : tasks.slice(0, firstCards);
  const card = (task: Task) => <TaskCard key={task.id} task={task} now={now} />;
  const actions = (
    <View style={{ gap: gap.large, flex: wide ? 1 : undefined, minWidth: 0 }}>
      {shown.filter(isPressing).map(card)}
      {whole ? <WhatNext now={now} quiet={tasks.length === 0} /> : null}
      {household.settings.wish ? <BrewDays now={now} /> : null}
      {shown.filter((task) => !isPressing(task)).map(card)}
      <Suspense fallback={null}>{whole ? <DoneToday now={now} /> : null}</Suspense>
      {whole ? <Reminder tasks={tasks} now={now} /> : null}
    </View>
  );
  return (
    <Screen
      title={headline(open.length, tasks.length - open.length, now)}
      over={over}
      width={wide ? 1360 : 640}
      aside={<WarmthControl celsius={celsius} />}
    >
      {wide ? (
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-start' }}>
          {actions}
          <View style={{ flex: 1, minWidth: 0, maxWidth: 640 }}>
            {whole ? <KitchenClock now={now} beside /> : null}
          </View>
        </View>
      ) : (
        <>
          {actions}
          <InkButton quiet label={t`The kitchen’s clock`} onPress={() => router.navigate('/clock')} />
        </>
      )}
    </Screen>
  );
}

function headline(open: number, later: number, now: number): string {
  const hour = new Date(now).getHours();
  const before =
    hour < 12 ? t`this morning` : hour < 17 ? t`this afternoon` : hour < 22 ? t`before bed` : t`tonight`;
  if (open === 0) return t`Nothing needs hands yet`;
  const rest = later > 0 ? t`, ${inWords(later).toLowerCase()} later` : '';
  return `${inWords(open)} ${open === 1 ? t`thing` : t`things`} ${before}${rest}`;
}
