import { useLocalSearchParams } from 'expo-router';
import { jarNow } from '@/core/bottling/jar-now';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { lotName } from '@/words/names';
import { useRuns } from '../forecasting/use-runs';
import { Nowhere } from '../shell/nowhere';
import { BottlingTable } from './bottling-table';

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
  const { run, answer, household, failed } = useRuns(lot, now);
  return (
    <Screen title={`Bottle ${lotName(lot, household)}`} over="Brews" width={760}>
      {run && answer ? (
        <BottlingTable lot={lot} jar={jarNow(run, (now - answer.start) / 3_600_000)} now={now} />
      ) : failed ? (
        <Note tone="danger">
          What is left of its sugar could not be worked out just now; it is asked again in a moment.
        </Note>
      ) : (
        <Text as="subheading">Reckoning what the first ferment left…</Text>
      )}
    </Screen>
  );
}
