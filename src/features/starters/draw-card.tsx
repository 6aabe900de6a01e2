import { useRouter } from 'expo-router';
import type { Culture, Keeping } from '@/core/cultures/culture';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import type { Lot } from '@/core/lots/lot';
import { leastDrawMl, mostDrawableMl } from '@/core/starter/draw-plan';
import { usualFeed } from '@/core/starter/feed-plan';
import { renewalOf } from '@/core/starter/renewal';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { drawReason } from '@/words/reasons';
import { View } from 'react-native';
import { Why } from '../lots/why';

interface Props {
  readonly lot: Lot;
  readonly culture: Culture & { readonly keeping: Keeping };
  readonly answer: StarterAnswer | null;
  readonly celsius: number;
  readonly now: number;
}

const hourMs = 3_600_000;

/** When to draw and how much, how lively it is, and when it wants its next feed: ranges with a reason. */
export function DrawCard({ lot, culture, answer, celsius, now }: Props) {
  const roles = useRoles();
  const router = useRouter();
  const cold = lot.place === 'fridge';
  const most = mostDrawableMl(lot);
  const title = cold
    ? 'Asleep: wake it before drawing'
    : most < leastDrawMl
      ? 'Top up before the next draw'
      : `Draw up to ${Math.round(most)} ml`;
  const feed = renewalOf(lot)?.portions ?? usualFeed(lot);
  return (
    <Card label="When to draw" testID="draw-card">
      <Text as="subheading" level={2}>
        {title}
      </Text>
      {cold ? <Text>One to three warm feeds bring it back; it has kept its numbers.</Text> : null}
      {!cold && answer ? <DrawSpan answer={answer} culture={culture} celsius={celsius} now={now} /> : null}
      {!cold && !answer ? <Text>Reckoning how lively it is…</Text> : null}
      {answer && !cold ? (
        <Text color={roles.softText} testID="liveliness">
          {`Liveliness about ${percent(answer.now[2])} (${percent(answer.now[0])}–${percent(answer.now[4])}).${feed.length > 0 ? ` Next feed by ${moment(quarter(answer.start + answer.feed.latest * hourMs), now)}: ${portionsWords(feed)}.` : ''} ${culture.keeping.mustStay > 0 ? `${Math.round(culture.keeping.mustStay * 100)} % of the mark stay in the jar to regrow.` : ''}`}
        </Text>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'center' }}>
        {most >= leastDrawMl && !cold ? (
          <InkButton
            quiet
            label="Brew a soda from it"
            onPress={() => router.navigate(`/brews/new?starter=${lot.id}` as never)}
          />
        ) : null}
        <Why topic="draw" lot={lot} now={now} />
      </View>
    </Card>
  );
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

function DrawSpan({
  answer,
  culture,
  celsius,
  now,
}: Pick<Props, 'culture' | 'celsius' | 'now'> & { readonly answer: StarterAnswer }) {
  const { draw, start } = answer;
  if (!draw)
    return <Text>{`Not within the next days, because ${drawReason(answer, culture, celsius)}`}</Text>;
  const at = (hour: number) => start + hour * hourMs;
  const span = `${at(draw.earliest) <= now ? 'Now' : `From ${moment(quarter(at(draw.earliest)), now)}`} until ${moment(quarter(at(draw.latest)), now)}`;
  return (
    <>
      <Text>{`${span}, because ${drawReason(answer, culture, celsius)}`}</Text>
      <Ribbon
        span={{
          from: at(draw.earliest),
          until: at(draw.latest),
          fromSoftHours: draw.earliestSpread,
          untilSoftHours: draw.latestSpread,
        }}
        now={now}
        {...ribbonClock(now)}
        summary={`Draw window: ${span}.`}
      />
    </>
  );
}
