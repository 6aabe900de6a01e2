import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import { kitchenCelsius } from '@/core/today/agenda';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useRoles } from '@/ui/theme/use-roles';
import { useForecastBook, type ForecastBook } from '../forecasting/forecast-book';
import { pressureAt } from '../forecasting/spans';
import { plural } from '../forms/words';
import { BottleSheetFor } from './bottle-panel';
import { RackBottle } from './rack-bottle';
import { vesselKind } from '@/core/gas/vessels';

export interface Standing {
  readonly bottle: BottleState;
  readonly batch: BatchState;
}

/** Every closed bottle where it stands, the one nearest its limit first. */
export function RackScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const router = useRouter();
  const { bottle: asked } = useLocalSearchParams<{ bottle?: string }>();
  const book = useForecastBook(household, now);
  const all = Object.values(household.batches).flatMap((batch) =>
    batch.bottles.map((bottle): Standing => ({ bottle, batch })),
  );
  const closed = all
    .filter(({ bottle }) => !bottle.opened)
    .sort((a, b) => nearness(b, book, now) - nearness(a, book, now));
  const chosen = all.find(({ bottle }) => bottle.id === asked);
  const choose = (id: string | null) => router.setParams({ bottle: id ?? undefined } as never);
  const celsius = kitchenCelsius(household, now);
  const shelf = (place: 'counter' | 'fridge') => closed.filter(({ bottle }) => bottle.place === place);
  return (
    <Screen
      title="Rack"
      over={`${plural(closed.length, 'closed bottle')}. Nearest the limit first.`}
      width={1100}
    >
      {closed.length === 0 ? (
        <Card>
          <Text as="heading" level={2}>
            No bottle stands here
          </Text>
          <Text>
            Bottle a brew, and each bottle shows up with the pressure it holds against what its glass may.
          </Text>
        </Card>
      ) : null}
      <Shelf
        name="Counter"
        note={`${celsius.toFixed(1)} °C`}
        standings={shelf('counter')}
        book={book}
        now={now}
        onChoose={choose}
      />
      <Shelf
        name="Fridge"
        note="4 °C, still slowly rising"
        standings={shelf('fridge')}
        book={book}
        now={now}
        onChoose={choose}
      />
      {chosen ? <BottleSheetFor {...chosen} book={book} now={now} onClose={() => choose(null)} /> : null}
    </Screen>
  );
}

const nearness = ({ bottle, batch }: Standing, book: ForecastBook, now: number): number =>
  (pressureAt(book, bottle, batch, now)?.edge ?? 0) / Math.max(0.1, vesselKind(bottle.vessel).limitBar);

interface ShelfProps {
  readonly name: string;
  readonly note: string;
  readonly standings: readonly Standing[];
  readonly book: ForecastBook;
  readonly now: number;
  readonly onChoose: (id: string) => void;
}

function Shelf({ name, note, standings, book, now, onChoose }: ShelfProps) {
  const roles = useRoles();
  if (standings.length === 0) return null;
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end' }}>
        <Text as="heading" level={2}>
          {name}
        </Text>
        <Text color={roles.softText}>{note}</Text>
      </View>
      <View
        style={{
          flexDirection: 'row',
          flexWrap: 'wrap',
          gap: 8,
          borderBottomWidth: 4,
          borderColor: roles.hairline,
          paddingBottom: 8,
        }}
      >
        {standings.map((standing) => (
          <RackBottle
            key={standing.bottle.id}
            {...standing}
            pressure={pressureAt(book, standing.bottle, standing.batch, now)}
            onPress={() => onChoose(standing.bottle.id)}
          />
        ))}
      </View>
    </View>
  );
}
