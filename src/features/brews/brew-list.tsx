import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { BatchState } from '@/core/brew/batch-state';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { useRoles } from '@/ui/theme/use-roles';
import { useForecastBook } from '../forecasting/forecast-book';
import { onTheClock } from '../forecasting/spans';
import { duration, moment, quarter } from '../forms/words';

const order = { mixed: 0, 'first-ferment': 1, bottled: 2, finished: 3 } as const;
const stageWords = {
  mixed: 'Mixed',
  'first-ferment': 'First ferment',
  bottled: 'Bottled',
  finished: 'Poured',
} as const;

/** Every batch by stage, the living ones first. */
export function BrewList({ chosen }: { readonly chosen: string | null }) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const book = useForecastBook(household, now);
  const batches = Object.values(household.batches).sort(
    (a, b) => order[a.stage] - order[b.stage] || b.begunAt - a.begunAt,
  );
  const canBrew = Object.keys(household.starters).length > 0;
  const next = (batch: BatchState): string => {
    const answer = book.forBatch(batch);
    if (batch.stage === 'mixed') return 'pitch below 30 °C';
    if (batch.stage === 'finished') return moment(batch.begunAt, now);
    if (!answer || batch.pitchedAt === null) return 'reckoning…';
    if (answer.taste)
      return `taste from ${moment(quarter(onTheClock(answer.taste, batch.pitchedAt).from), now)}`;
    const warm = batch.bottles.some((bottle) => !bottle.opened && bottle.place === 'counter');
    return warm && answer.chill
      ? `chill by ${moment(quarter(onTheClock(answer.chill, batch.pitchedAt).until), now)}`
      : 'cold, ready to open';
  };
  return (
    <Screen title="Brews">
      {batches.length === 0 ? (
        <Card>
          <Text as="heading" level={2}>
            Nothing brewing
          </Text>
          <Text>
            {canBrew
              ? 'The bug is there; water, sugar and ginger are all it needs.'
              : 'First a starter: a ginger bug takes three to seven days.'}
          </Text>
        </Card>
      ) : null}
      <InkButton
        label={canBrew ? 'Brew a ginger soda' : 'Begin a ginger bug first'}
        onPress={() => router.navigate(canBrew ? '/brews/new' : '/starters/new')}
      />
      {batches.map((batch) => (
        <BrewCard
          key={batch.id}
          batch={batch}
          now={now}
          next={next(batch)}
          chosen={batch.id === chosen}
          onPress={() => router.navigate(`/brews/${batch.id}` as never)}
        />
      ))}
    </Screen>
  );
}

interface CardProps {
  readonly batch: BatchState;
  readonly now: number;
  readonly next: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function BrewCard({ batch, now, next, chosen, onPress }: CardProps) {
  const roles = useRoles();
  const wide = useWide();
  const since = batch.bottledAt ?? batch.pitchedAt ?? batch.begunAt;
  return (
    <Press role="link" aria-label={`${batch.name}, ${stageWords[batch.stage]}`} onPress={onPress}>
      <Card edge={wide && chosen ? roles.brew : undefined}>
        <View style={{ gap: 2 }}>
          <Text as="subheading">{batch.name}</Text>
          <Text color={roles.softText}>
            {stageWords[batch.stage]}
            {batch.stage === 'finished' ? '' : ` for ${duration((now - since) / 3_600_000)}`},{' '}
            {Math.round(batch.account.totalGramsPerLitre)} g/L at the start
          </Text>
          <Text as="strong">{next}</Text>
        </View>
      </Card>
    </Press>
  );
}
