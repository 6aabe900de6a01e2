import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Culture, JarCare } from '@/core/cultures/culture';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Lot } from '@/core/lots/lot';
import { leastDrawMl, mostDrawableMl } from '@/core/starter/draw-plan';
import { usualFeed } from '@/core/starter/feed-plan';
import { neglectOf } from '@/core/starter/neglect';
import { renewalOf } from '@/core/starter/renewal';
import { jarRuleOf } from '@/core/tasks/rule';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords } from '@/words/amounts';
import { doseNowWords, drawSpanWords, restWords } from '@/words/starters/draw-words';
import { givesWords } from '@/words/starters/gives-words';
import { jarLookWords } from '@/words/tasks/look-words';
import { moment, quarter } from '@/words/moment';
import { ruleLines, ruleOrder } from '@/words/tasks/rule-words';
import { drawReason } from '@/words/starters/draw-reason';
import { useForecasts } from '../../forecasting/forecasts';
import { Why } from '../../why/why';
import { hourMs } from '@/core/duration';
import { Claims } from '../lazy';
import { t } from '@/core/language/t';

export interface DrawCardProps {
  readonly lot: Lot;
  readonly culture: Culture & { readonly keeping: JarCare };
  readonly answer: StarterAnswer | null;
  readonly celsius: number;
  readonly now: number;
}

/** When to draw and how much, how lively it is, what a dose would do, and when it wants its next feed. */
export function DrawCard({ lot, culture, answer: last, celsius, now }: DrawCardProps) {
  const roles = useRoles();
  // What was just done is not in the last answer: it stands back until the next is there.
  const forecasts = useForecasts();
  const stale = forecasts.stale(lot.id);
  const answer = stale ? null : last;
  const router = useRouter();
  const keptCold = culture.keeping.ripe.by === 'alive';
  const { warmths } = useAppSelector(selectHousehold);
  const neglect = neglectOf(lot, warmths, now);
  // Nothing is promised of a jar that rests or starved.
  const asleep = (lot.place === 'fridge' && !keptCold) || (neglect !== null && neglect.state !== 'late');
  const most = mostDrawableMl(lot);
  const renewal = renewalOf(lot);
  const feed = renewal?.portions ?? usualFeed(lot);
  return (
    <Card label={t`When to draw`} testID="draw-card">
      <Text as="subheading" level={2}>
        {givesWords(lot, neglect)}
      </Text>
      {lot.place === 'fridge' && !keptCold ? (
        <Text testID="rest-chances">{restWords(culture.keeping)}</Text>
      ) : null}
      {!asleep && answer ? <DrawSpan answer={answer} culture={culture} celsius={celsius} now={now} /> : null}
      {!asleep && !answer ? (
        <Text>{stale ? t`Noted. This is being worked out again.` : t`Working out how lively it is…`}</Text>
      ) : null}
      {answer && !asleep ? (
        <Text color={roles.softText} testID="liveliness">
          {t`${keptCold ? t`Alive` : t`Liveliness`} about ${percent(answer.now[2])} (${percent(answer.now[0])}–${percent(answer.now[4])}).${feed.length > 0 ? t` Next feed by ${moment(quarter(answer.start + answer.feed.latest * hourMs), now)}. Feed: ${portionsWords(feed)}.` : ''} ${culture.keeping.mustStay > 0 ? t`${Math.round(culture.keeping.mustStay * 100)} % of the mark stay in the jar to regrow.` : ''}`}
        </Text>
      ) : null}
      {answer && !asleep && forecasts.first ? (
        <Text color={roles.softText}>{t`A first estimate; it is worked out closer.`}</Text>
      ) : null}
      {answer && !asleep ? <MoreOfIt lot={lot} culture={culture} answer={answer} now={now} /> : null}
      <Claims jar={lot} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'center' }}>
        {most >= leastDrawMl && !asleep ? (
          <InkButton
            quiet
            label={t`Brew a soda from it`}
            onPress={() => router.navigate(`/brews/new?starter=${lot.id}`)}
          />
        ) : null}
        <Why topic="draw" lot={lot} now={now} />
      </View>
    </Card>
  );
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What a dose drawn now would do in a brew, and the one look that would tell more. */
function MoreOfIt({
  lot,
  culture,
  answer,
  now,
}: Omit<DrawCardProps, 'celsius' | 'answer'> & { readonly answer: StarterAnswer }) {
  const rule = answer.rule && jarRuleOf(lot, answer.rule, answer.start);
  const look = rule
    ? [`${ruleOrder(rule, now)}.`, ...ruleLines(rule, now)]
        .join(' ')
        .replace(/^./, (first) => first.toUpperCase())
    : jarLookWords(answer, lot.name, now);
  return (
    <>
      {culture.liquidKind ? null : <Text testID="dose-now">{doseNowWords(answer)}</Text>}
      {look ? (
        <Text as="strong" testID="telling-look">
          {look}
        </Text>
      ) : null}
    </>
  );
}

function DrawSpan({
  answer,
  culture,
  celsius,
  now,
}: Pick<DrawCardProps, 'culture' | 'celsius' | 'now'> & { readonly answer: StarterAnswer }) {
  const { draw, start } = answer;
  if (!draw)
    return <Text>{t`Not within the next days, because ${drawReason(answer, culture, celsius)}`}</Text>;
  const at = (hour: number) => start + hour * hourMs;
  const span = drawSpanWords(at(draw.earliest), at(draw.latest), now);
  return (
    <>
      <Text>{t`${span}, because ${drawReason(answer, culture, celsius)}`}</Text>
      <Ribbon
        span={{
          from: at(draw.earliest),
          until: at(draw.latest),
          fromSoftHours: draw.earliestSpread,
          untilSoftHours: draw.latestSpread,
        }}
        now={now}
        {...ribbonClock(now)}
        summary={t`Draw window: ${span}.`}
      />
    </>
  );
}
