import { StyleSheet, View } from 'react-native';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import { starterCelsius } from '@/core/journal/fold-starter';
import { livelinessOf } from '@/core/starter/liveliness';
import type { Action } from '@/core/today/agenda';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Bottle } from '@/ui/drawings/bottle';
import { Jar } from '@/ui/drawings/jar';
import type { ForecastBook } from '../forecasting/forecast-book';
import { pressureAt } from '../forecasting/spans';

interface Props {
  readonly action: Action;
  readonly now: number;
  readonly book: ForecastBook;
}

/** The thing itself, drawn from its numbers. */
export function ActionPicture({ action, now, book }: Props) {
  const { warmth } = useAppSelector(selectHousehold);
  if (action.kind === 'chill' || action.kind === 'open') {
    return <Bottles bottles={action.bottles} batch={action.batch} now={now} book={book} />;
  }
  if (action.kind !== 'feed') return null;
  const { starter } = action;
  const { share } = livelinessOf(starter, now, starterCelsius(starter, warmth, now));
  return (
    <Jar
      jarMl={starter.jarMl}
      levelMl={starter.levelMl}
      markMl={starter.markMl}
      liveliness={share}
      litreHeight={104}
      label={`Jar at ${Math.round(starter.levelMl)} of ${starter.jarMl} ml`}
    />
  );
}

interface BottlesProps {
  readonly bottles: readonly BottleState[];
  readonly batch: BatchState;
  readonly now: number;
  readonly book: ForecastBook;
}

function Bottles({ bottles, batch, now, book }: BottlesProps) {
  return (
    <View style={styles.row}>
      {bottles.slice(0, 3).map((bottle) => (
        <Bottle
          key={bottle.id}
          bottleMl={bottle.bottleMl}
          headspaceMl={bottle.headspaceMl}
          number={bottle.number}
          volumes={pressureAt(book, bottle, batch, now)?.volumes ?? 0}
          cold={bottle.place === 'fridge'}
          plastic={bottle.vessel === 'plastic-soda'}
          litreHeight={112}
          label={`Bottle ${bottle.number}`}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 2 } });
