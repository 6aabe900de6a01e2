import { useLocalSearchParams } from 'expo-router';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Screen } from '@/ui/layout/screen';
import { lotName } from '@/words/names';
import { Nowhere } from '@/ui/layout/nowhere';
import { BottlingTable } from './bottling-table';
import { JarReader } from '../forecasting/lazy';
import { t } from '@/core/language/t';

/** A brew is bottled: what its first ferment left is counted first. */
export function BottlingScreen() {
  const { brew } = useLocalSearchParams<{ brew?: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = brew ? lotOf(household, brew) : undefined;
  return lot && lot.role === 'brew' && !lot.ended ? (
    <Bottling key={lot.id} lot={lot} />
  ) : (
    <Nowhere what="brew" back="/brews" />
  );
}

function Bottling({ lot }: { readonly lot: Lot }) {
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  return (
    <Screen title={t`Bottle ${lotName(lot, household)}`} over={t`Brews`} width={760}>
      <JarReader lot={lot} now={now}>
        {(jar, forecast) => <BottlingTable lot={lot} jar={jar} forecast={forecast} now={now} />}
      </JarReader>
    </Screen>
  );
}
