import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { mixedSugar } from '@/core/forecast/question/living-liquid';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { gap } from '@/ui/theme/shape';
import { LongList } from '@/ui/layout/long-list';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { useRoles } from '@/ui/theme/use-roles';
import { duration } from '@/words/moment';
import { useForecasts } from '../forecasting/forecasts';
import { BrewDrawing } from './brew-drawing';
import { brewNext, type BrewNext } from './brew-next';
import { brewRows, type BrewRow } from './brew-rows';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

const stageWords = {
  mixed: t`Mixed`,
  'first-ferment': t`First ferment`,
  bottled: t`Bottled`,
  finished: t`Poured`,
} as const;

/** Height of a batch's card, px. */
const usualCard = 132;
/** Room for four small bottles, px. */
const drawnWidth = 96;

/** Every batch by stage, the living ones first. */
export function BrewList({ chosen }: { readonly chosen: string | null }) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const forecasts = useForecasts();
  const rows = brewRows(household, forecasts);
  return (
    <Screen title={t`Brews`}>
      {rows.length === 0 ? (
        <Card>
          <Text as="heading" level={2}>{t`Nothing brewing`}</Text>
          <Text>{t`Something sweet, something living, some days: a starter, a packet of yeast, or what lives on raw ginger and peel.`}</Text>
        </Card>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <InkButton label={t`Brew a soda`} onPress={() => router.navigate('/brews/new')} />
        <InkButton quiet label={t`What shall I make?`} onPress={() => router.navigate('/brews/recipes')} />
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
            next={brewNext(row, forecasts, household, now)}
            chosen={row.brew.id === chosen}
          />
        )}
      />
    </Screen>
  );
}

interface CardProps {
  readonly row: BrewRow;
  readonly now: number;
  readonly next: BrewNext;
  readonly chosen: boolean;
}

/** What it was mixed with; nothing while it is empty. */
function useSugarWords(brew: BrewRow['brew']): string {
  const sugar = mixedSugar(brew, liquidsOf(useAppSelector(selectHousehold)));
  return sugar > 0 ? t`${Math.round(sugar)} g/L at the start` : '';
}

function BrewCard({ row, now, next, chosen }: CardProps) {
  const roles = useRoles();
  const wide = useWide();
  const { brew, stage, bottles, pitch } = row;
  const sugarWords = useSugarWords(brew);
  const since = (stage === 'bottled' ? bottles[0]?.begunAt : pitch?.at) ?? brew.begunAt;
  return (
    <PressLink aria-label={`${brew.name}, ${stageWords[stage]}`} href={`/brews/${brew.id}`}>
      <Card edge={wide && chosen ? roles.brew : undefined}>
        <View style={{ flexDirection: 'row', gap: gap.medium, alignItems: 'center' }}>
          <View style={{ width: drawnWidth, alignItems: 'center' }}>
            <BrewDrawing row={row} height={86} most={3} />
          </View>
          <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
            <Text as="subheading" lines={2}>
              {brew.name}
            </Text>
            <Text color={roles.softText}>
              {stageWords[stage]}
              {stage === 'finished' ? '' : t` for ${duration((now - since) / hourMs)}`}, {sugarWords}
            </Text>
            <Text as="strong">{next.words}</Text>
            {next.span ? (
              <Ribbon bare span={next.span} now={now} {...ribbonClock(now)} summary={next.words} />
            ) : null}
          </View>
        </View>
      </Card>
    </PressLink>
  );
}
