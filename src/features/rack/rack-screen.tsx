import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import { celsiusAt, placeIds, type PlaceId } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useRoles } from '@/ui/theme/use-roles';
import { plural } from '@/words/moment';
import { placeWords } from '@/words/names';
import { useBook } from '../forecasting/book';
import { pressureAt } from '../forecasting/pressure';
import { BottleInHand } from './bottle-in-hand';
import { RackBottle } from './rack-bottle';

/** Every closed bottle where it stands, the one nearest its limit first. */
export function RackScreen() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const router = useRouter();
  const { bottle: asked } = useLocalSearchParams<{ bottle?: string }>();
  const book = useBook();
  const nearness = (lot: Lot) =>
    (pressureAt(book.lotAnswer(lot.id), now)?.edge ?? 0) /
    Math.max(0.1, vesselKind(lot.vessel.kind).limitBar);
  const closed = book.living
    .filter(({ role }) => role === 'bottle')
    .map((lot) => ({ lot, near: nearness(lot) }))
    .sort((a, b) => b.near - a.near || (a.lot.id < b.lot.id ? -1 : 1))
    .map(({ lot }) => lot);
  const chosen = asked ? lotOf(household, asked) : undefined;
  const choose = (id: string | null) => router.setParams({ bottle: id ?? undefined } as never);
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
      {placeIds.map((place) => (
        <Shelf
          key={place}
          place={place}
          celsius={celsiusAt(household.warmths, place, now)}
          bottles={closed.filter((lot) => lot.place === place)}
          now={now}
          onChoose={choose}
        />
      ))}
      {chosen && !chosen.opened && !chosen.ended ? (
        <BottleInHand lot={chosen} now={now} onClose={() => choose(null)} />
      ) : null}
    </Screen>
  );
}

interface ShelfProps {
  readonly place: PlaceId;
  readonly celsius: number;
  readonly bottles: readonly Lot[];
  readonly now: number;
  readonly onChoose: (id: string) => void;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

function Shelf({ place, celsius, bottles, now, onChoose }: ShelfProps) {
  const roles = useRoles();
  const book = useBook();
  if (bottles.length === 0) return null;
  const note =
    place === 'fridge' ? `${celsius.toFixed(0)} °C, still slowly rising` : `${celsius.toFixed(1)} °C`;
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end' }}>
        <Text as="heading" level={2}>
          {capital(placeWords[place])}
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
        {bottles.map((lot) => (
          <RackBottle
            key={lot.id}
            lot={lot}
            pressure={pressureAt(book.lotAnswer(lot.id), now)}
            onPress={() => onChoose(lot.id)}
          />
        ))}
      </View>
    </View>
  );
}
