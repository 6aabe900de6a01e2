import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { starterCelsius } from '@/core/journal/fold-starter';
import { mostDrawableMl, usualFeed } from '@/core/starter/draw-plan';
import { drawWindow, nextFeedAt } from '@/core/starter/draw-window';
import { livelinessOf } from '@/core/starter/liveliness';
import type { StarterState } from '@/core/starter/starter-state';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Figure } from '@/ui/controls/figure';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Jar } from '@/ui/drawings/jar';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { Screen } from '@/ui/layout/screen';
import { useWide } from '@/ui/layout/use-wide';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { useForecastBook } from '../forecasting/forecast-book';
import { duration, moment, quarter } from '../forms/words';
import { Ledger } from './ledger';
import { StarterButtons } from './starter-buttons';
import { percentagesLine } from './percentages-line';
import { later } from '../shell/later';

const FeedSheet = later(async () => (await import('../forms/drawer')).FeedSheet);

/** One starter: when to draw and how much, its care, its ledger. */
export function StarterDetail({ starter }: { readonly starter: StarterState }) {
  const roles = useRoles();
  const wide = useWide();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const [feeding, setFeeding] = useState(false);
  const book = useForecastBook(household, now);
  const celsius = starterCelsius(starter, household.warmth, now);
  const lively = livelinessOf(starter, now, celsius);
  const draw = drawWindow(starter, now, celsius);
  const learned = book.learnedOf(starter.id);
  const resting = starter.place === 'fridge';
  const most = mostDrawableMl(starter);
  const span = `${draw.from <= now ? 'Now' : `From ${moment(quarter(draw.from), now)}`} until ${moment(quarter(draw.until), now)}`;
  return (
    <Screen
      title={starter.name}
      over={`Starters / ginger bug, ${duration((now - starter.begunAt) / 3_600_000)} old`}
      pane={wide}
      width={760}
    >
      <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
        <Jar
          jarMl={starter.jarMl}
          levelMl={starter.levelMl}
          markMl={starter.markMl}
          liveliness={lively.share}
          litreHeight={190}
          label={`A ${starter.jarMl} ml jar holding ${Math.round(starter.levelMl)} ml, mark at ${starter.markMl} ml, ${lively.word}`}
        />
        <View style={{ flex: 1, gap: gap.small }}>
          <Figure value={String(Math.round(starter.levelMl))} unit={`ml in a ${starter.jarMl} ml jar`} />
          <Text>{percentagesLine(starter)}</Text>
          <Text as="strong" color={roles.starter}>
            {resting ? 'Resting at about 4 °C' : `${lively.word}, fed ${duration(lively.hoursSinceFed)} ago`}
          </Text>
        </View>
      </View>
      <Card label="When to draw" testID="draw-card">
        <Text as="subheading" level={2}>
          {resting
            ? 'Asleep: wake it before drawing'
            : most === 0
              ? 'Top up before the next draw'
              : `Draw up to ${most} ml`}
        </Text>
        <Text>
          {resting
            ? 'One to three warm feeds bring it back; it has kept its numbers.'
            : `${span}, because ${draw.because}`}
        </Text>
        {resting ? null : (
          <Ribbon
            span={{ ...draw, fromSoftHours: draw.earliestSpread, untilSoftHours: draw.latestSpread }}
            now={now}
            {...ribbonClock(now)}
            summary={`Draw window: ${span}.`}
          />
        )}
        <Text color={roles.softText}>
          Two fifths of the mark stay in the jar to regrow. Next feed by{' '}
          {moment(quarter(nextFeedAt(starter, celsius)), now)}: {feedLine(starter)}.
        </Text>
        {most > 0 && !resting ? (
          <InkButton
            quiet
            label="Brew a soda from it"
            onPress={() => router.navigate(`/brews/new?starter=${starter.id}` as never)}
          />
        ) : null}
      </Card>
      <StarterButtons starter={starter} onFeed={() => setFeeding(true)} />
      <Note tone="caution">
        Fuzz or colour (green, black, pink, orange): discard all of it and clean the jar. A thin white film
        without fuzz is yeast: skim and stir.
      </Note>
      {learned.batches > 0 ? (
        <Text color={roles.softText}>
          {`Learned from ${learned.batches} finished ${learned.batches === 1 ? 'batch' : 'batches'}: about ${Math.round(learned.vigour * 100)} % of the usual vigour, give or take ${Math.round(learned.spread * 100)} %.`}
        </Text>
      ) : null}
      <Ledger rows={starter.ledger} now={now} />
      {feeding ? <FeedSheet starter={starter} onClose={() => setFeeding(false)} /> : null}
    </Screen>
  );
}

function feedLine(starter: StarterState): string {
  const feed = usualFeed(starter);
  return `${feed.gingerGrams} g ginger, ${feed.sugarGrams} g sugar${feed.waterMl > 0 ? `, ${feed.waterMl} ml water up to the mark` : ''}`;
}
