import { useNow } from '@/store/use-now';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { KitchenClock } from './lazy';
import { t } from '@/core/language/t';

/** The kitchen's clock on a page of its own: on a phone, one tap from Today and the rack. */
export function ClockScreen() {
  const now = useNow();
  const wide = useWide();
  return (
    <Screen title={t`All at once`} over={t`Today`} width={1100}>
      <KitchenClock now={now} beside={wide} />
    </Screen>
  );
}
