import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { bottleGroups } from '@/core/forecast/batch-scenario';
import { agenda, kitchenCelsius } from '@/core/today/agenda';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Screen } from '@/ui/layout/screen';
import { forecastSpans } from '../forecasting/spans';
import { useForecastBook } from '../forecasting/forecast-book';
import { inWords } from '../forms/words';
import { ActionCard } from './action-card';
import { DoneToday } from './done-today';
import { FirstBug } from './first-bug';
import { QuietDay } from './quiet-day';
import { WarmthControl } from './warmth-control';

/** What needs hands, in the order of its closing time, pressure first. */
export function TodayScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const router = useRouter();
  const book = useForecastBook(household, now);
  const celsius = kitchenCelsius(household, now);
  const over = format(now, 'EEEE, H:mm');
  if (Object.keys(household.starters).length === 0) {
    return (
      <Screen title="An empty kitchen, full of promise" over={over}>
        <FirstBug onBegin={() => router.navigate('/starters/new')} />
      </Screen>
    );
  }
  const spans = forecastSpans(book, celsius, (bottle) => household.batches[bottle.batchId]);
  const actions = agenda(household, bottleGroups, spans, now);
  const open = actions.filter((action) => action.from <= now + 2 * 3_600_000);
  return (
    <Screen title={headline(open.length, now)} over={over} aside={<WarmthControl celsius={celsius} />}>
      {actions.length === 0 ? <QuietDay /> : null}
      {actions.map((action) => (
        <ActionCard key={keyOf(action)} action={action} now={now} book={book} />
      ))}
      <DoneToday now={now} />
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

const keyOf = (action: ReturnType<typeof agenda>[number]): string =>
  action.kind === 'feed'
    ? `feed-${action.starter.id}`
    : action.kind === 'chill' || action.kind === 'open'
      ? `${action.kind}-${action.bottles[0]!.id}`
      : `${action.kind}-${action.batch.id}`;
