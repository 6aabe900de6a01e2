import { useNow } from '@/store/use-now';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { KitchenClock } from './lazy';

/** The kitchen's clock on a page of its own: on a phone, one tap from Today and the rack. */
export function ClockScreen() {
  const now = useNow();
  const wide = useWide();
  return (
    <Screen title="All at once" over="Today" width={1100}>
      <KitchenClock now={now} beside={wide} />
    </Screen>
  );
}
