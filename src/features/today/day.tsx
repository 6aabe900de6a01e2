import { useRouter } from 'expo-router';
import { lazy, Suspense, useState } from 'react';
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
import { useForecasts } from '../forecasting/forecasts';
import { WhatNext } from '../first/lazy';
import { BrewDays, Reminder } from '../plan/lazy';
import { TaskCard } from './task-card';
import { WarmthControl } from './warmth-control';
import { KitchenClock } from '../clock/lazy';
import { t } from '@/core/language/t';
import { dayHeadline } from '@/words/tasks/day-headline';

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
  const [brewDays, setBrewDays] = useState<readonly { from: number; until: number }[]>([]);
  const tasks = agenda({ household, living, lotAnswer, starterAnswer, now });
  const shown = whole ? tasks : tasks.slice(0, firstCards);
  const card = (task: Task) => <TaskCard key={task.id} task={task} now={now} />;
  const actions = (
    <View style={{ gap: gap.large, flex: wide ? 1 : undefined, minWidth: 0 }}>
      {shown.filter(isPressing).map(card)}
      {whole ? <WhatNext now={now} quiet={tasks.length === 0} /> : null}
      {household.settings.wish ? <BrewDays now={now} onDays={setBrewDays} /> : null}
      {shown.filter((task) => !isPressing(task)).map(card)}
      <Suspense fallback={null}>{whole ? <DoneToday now={now} /> : null}</Suspense>
      {whole ? <Reminder tasks={tasks} now={now} /> : null}
    </View>
  );
  return (
    <Screen
      title={dayHeadline([...tasks, ...brewDays], now)}
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
