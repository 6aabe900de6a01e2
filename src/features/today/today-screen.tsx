import { format } from 'date-fns/format';
import { celsiusAt } from '@/core/kitchen/places';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Waiting } from '@/ui/controls/waiting';
import { Screen } from '@/ui/layout/screen';
import { FrontDoor } from '../first/lazy';
import { useForecasts } from '../forecasting/forecasts';
import { Day } from './day';
import { WarmthControl } from './warmth-control';
import { t } from '@/core/language/t';

/** What needs hands, in the order of its closing time, pressure first. */
export function TodayScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const { fresh } = useForecasts();
  const over = format(now, 'EEEE, H:mm');
  if (household.lots.size === 0) {
    return (
      <Screen title={t`An empty kitchen, full of promise`} over={over}>
        <FrontDoor />
      </Screen>
    );
  }
  const celsius = celsiusAt(household.warmths, 'counter', now);
  if (!fresh) return <Day now={now} over={over} celsius={celsius} />;
  return (
    <Screen title={t`Looking around`} over={over} aside={<WarmthControl celsius={celsius} />}>
      <Card>
        <Waiting>{t`Working out what comes next…`}</Waiting>
        <Text>{t`A moment, this once: from then on the last answers are there at once.`}</Text>
      </Card>
    </Screen>
  );
}
