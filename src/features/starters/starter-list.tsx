import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { starterCelsius } from '@/core/journal/fold-starter';
import { livelinessOf } from '@/core/starter/liveliness';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import type { StarterState } from '@/core/starter/starter-state';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { duration } from '../forms/words';

interface Props {
  readonly chosen: string | null;
}

/** Every starter as its own jar, to scale. */
export function StarterList({ chosen }: Props) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const starters = Object.values(household.starters);
  return (
    <Screen title="Starters">
      {starters.length === 0 ? (
        <Card>
          <Text as="heading" level={2}>
            No jar on the shelf yet
          </Text>
          <Text>
            Every soda starts from a living starter. A ginger bug takes a jar, ginger, sugar and three to
            seven days.
          </Text>
        </Card>
      ) : null}
      {starters.map((starter) => (
        <StarterCard
          key={starter.id}
          starter={starter}
          now={now}
          celsius={starterCelsius(starter, household.warmth, now)}
          chosen={starter.id === chosen}
          onPress={() => router.navigate(`/starters/${starter.id}` as never)}
        />
      ))}
      <InkButton
        quiet={starters.length > 0}
        label="Begin a ginger bug"
        onPress={() => router.navigate('/starters/new')}
      />
    </Screen>
  );
}

interface CardProps {
  readonly starter: StarterState;
  readonly now: number;
  readonly celsius: number;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function StarterCard({ starter, now, celsius, chosen, onPress }: CardProps) {
  const roles = useRoles();
  const wide = useWide();
  const { share, word, hoursSinceFed } = livelinessOf(starter, now, celsius);
  return (
    <Press role="link" aria-label={`${starter.name}, ${word}`} onPress={onPress}>
      <Card edge={wide && chosen ? roles.starter : undefined}>
        <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'flex-end' }}>
          <Jar
            jarMl={starter.jarMl}
            levelMl={starter.levelMl}
            markMl={starter.markMl}
            liveliness={share}
            label=""
            litreHeight={116}
          />
          <View style={{ flex: 1, gap: 2 }}>
            <Text as="heading">{starter.name}</Text>
            <Text color={roles.starter} as="strong">
              {starter.place === 'fridge' ? 'resting in the fridge' : word}
            </Text>
            <Text color={roles.softText}>fed {duration(hoursSinceFed)} ago</Text>
            <Text>
              {Math.round(starter.levelMl)} ml, up to {mostDrawableMl(starter)} ml to draw
            </Text>
          </View>
        </View>
      </Card>
    </Press>
  );
}
