import { Screen } from '@/ui/layout/screen';
import { Text } from '@/ui/controls/text';
import { placeIds } from '@/core/kitchen/places';
import { FridgeRoomCard } from './fridge-room-card';
import { HoursCard } from './hours-card';
import { PlaceCard } from './place-card';
import { WorkCard } from './work-card';
import { t } from '@/core/language/t';

/** Where things stand and how warm it is there, by day and by night; and when somebody is up. */
export function PlacesScreen() {
  return (
    <Screen title={t`Places and hours`} over={t`More`} width={760}>
      <Text>{t`Temperature is the most important single figure of a ferment. Read a thermometer beside the jar, not across the room.`}</Text>
      {placeIds.map((place) => (
        <PlaceCard key={place} place={place} />
      ))}
      <HoursCard />
      <WorkCard />
      <FridgeRoomCard />
    </Screen>
  );
}
