import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { mixedSugar } from '@/core/forecast/question/living-liquid';
import { nextAwake } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { errandsOf } from '@/core/tasks/sources/pressure';
import type { Household } from '@/core/journal/household';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { LongList } from '@/ui/layout/long-list';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { useRoles } from '@/ui/theme/use-roles';
import { ruleOrder } from '@/words/tasks/rule-words';
import { closesWords, lateBy, duration, moment, quarter } from '@/words/moment';
import { useForecasts, type Forecasts } from '../forecasting/forecasts';
import { brewRows, type BrewRow } from './brew-rows';
import { hourMs } from '@/core/duration';

const stageWords = {
  mixed: 'Mixed',
  'first-ferment': 'First ferment',
  bottled: 'Bottled',
  finished: 'Poured',
} as const;

/** Height of a batch's card, px. */
const usualCard = 110;

/** Every batch by stage, the living ones first. */
export function BrewList({ chosen }: { readonly chosen: string | null }) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const forecasts = useForecasts();
  const rows = brewRows(household, forecasts);
  return (
    <Screen title="Brews">
      {rows.length === 0 ? (
        <Card>
          <Text as="heading" level={2}>
            Nothing brewing
          </Text>
          <Text>
            Something sweet, something living, some days: a starter, a packet of yeast, or what lives on raw
            ginger and peel.
          </Text>
        </Card>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <InkButton label="Brew a soda" onPress={() => router.navigate('/brews/new')} />
        <InkButton quiet label="What shall I make?" onPress={() => router.navigate('/brews/recipes')} />
      </View>
      <LongList
        items={rows}
        rowHeight={usualCard}
        gap={16}
        mustDraw={rows.findIndex(({ brew }) => brew.id === chosen)}
        row={(row) => (
          <BrewCard
            key={row.brew.id}
            row={row}
            now={now}
            next={nextWords(row, forecasts, household, now)}
            chosen={row.brew.id === chosen}
            onPress={() => router.navigate(`/brews/${row.brew.id}`)}
          />
        )}
      />
    </Screen>
  );
}

function nextWords(
  { brew, stage, bottles }: BrewRow,
  forecasts: Forecasts,
  household: Household,
  now: number,
): string {
  const waking = wakingOf(household);
  if (stage === 'mixed') return 'pitch below 30 °C';
  if (stage === 'finished') return moment(brew.begunAt, now);
  if (stage === 'first-ferment') {
    const answer = forecasts.lotAnswer(brew.id);
    const late = answer?.taste ? lateBy(answer.start + answer.taste.latest * hourMs, now) : null;
    if (late) return `${late}: taste it`;
    return answer?.taste
      ? `taste from ${moment(quarter(nextAwake(answer.start + answer.taste.earliest * hourMs, waking)), now)}`
      : 'being worked out…';
  }
  const warm = bottles.filter(({ place }) => place !== 'fridge');
  if (warm.length === 0) return 'cold, ready to open';
  const first = errandsOf({ ...forecasts, living: warm, household, now })
    .values()
    .next().value;
  if (!first) return 'being worked out…';
  const look = first.rule ? `${ruleOrder(first.rule, now)}, or ` : '';
  return `${look}chill ${closesWords(first.until, now, waking)}`;
}

interface CardProps {
  readonly row: BrewRow;
  readonly now: number;
  readonly next: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

/** What it was mixed with; nothing while it is empty. */
function useSugarWords(brew: BrewRow['brew']): string {
  const sugar = mixedSugar(brew, liquidsOf(useAppSelector(selectHousehold)));
  return sugar > 0 ? `${Math.round(sugar)} g/L at the start` : '';
}

function BrewCard({ row, now, next, chosen, onPress }: CardProps) {
  const roles = useRoles();
  const wide = useWide();
  const { brew, stage, bottles, pitch } = row;
  const sugarWords = useSugarWords(brew);
  const since = (stage === 'bottled' ? bottles[0]?.begunAt : pitch?.at) ?? brew.begunAt;
  return (
    <Press role="link" aria-label={`${brew.name}, ${stageWords[stage]}`} onPress={onPress}>
      <Card edge={wide && chosen ? roles.brew : undefined}>
        <View style={{ gap: 2 }}>
          <Text as="subheading" lines={2}>
            {brew.name}
          </Text>
          <Text color={roles.softText}>
            {stageWords[stage]}
            {stage === 'finished' ? '' : ` for ${duration((now - since) / hourMs)}`}, {sugarWords}
          </Text>
          <Text as="strong">{next}</Text>
        </View>
      </Card>
    </Press>
  );
}
