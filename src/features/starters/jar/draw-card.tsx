import { useRouter } from 'expo-router';
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import type { Culture, JarCare } from '@/core/cultures/culture';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Lot } from '@/core/lots/lot';
import { leastDrawMl, mostDrawableMl } from '@/core/starter/draw-plan';
import { neglectOf } from '@/core/starter/neglect';
import { jarRuleOf } from '@/core/tasks/rule';
import { capital } from '@/core/capital';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { useRoles } from '@/ui/theme/use-roles';
import { doseShareWords, drawSpanWords, noDrawWords } from '@/words/starters/draw-words';
import { givesWords } from '@/words/starters/gives-words';
import { ruleOrder } from '@/words/tasks/rule-words';
import { useForecasts } from '../../forecasting/forecasts';
import { Why } from '../../why/why';
import { hourMs } from '@/core/duration';
import { Claims } from '../lazy';
import { t } from '@/core/language/t';

/** Read one tap down: loaded with the sheet. */
const Details = lazy(async () => ({ default: (await import('./draw-details')).DrawDetails }));

export interface DrawCardProps {
  readonly lot: Lot;
  readonly culture: Culture & { readonly keeping: JarCare };
  readonly answer: StarterAnswer | null;
  readonly celsius: number;
  readonly now: number;
}

/** How much to draw, when, and the look that decides or what a dose does. All else is in the sheet behind "Why?". */
export function DrawCard({ lot, culture, answer: last, celsius, now }: DrawCardProps) {
  const roles = useRoles();
  // What was just done is not in the last answer: it stands back until the next is there.
  const forecasts = useForecasts();
  const stale = forecasts.stale(lot.id);
  const router = useRouter();
  const keptCold = culture.keeping.ripe.by === 'alive';
  const { warmths } = useAppSelector(selectHousehold);
  const neglect = neglectOf(lot, warmths, now);
  // Nothing is promised of a jar that rests or starved.
  const asleep = (lot.place === 'fridge' && !keptCold) || (neglect !== null && neglect.state !== 'late');
  const answer = stale || asleep ? null : last;
  return (
    <Card label={t`When to draw`} testID="draw-card">
      <Text as="heading" level={2}>
        {givesWords(lot, neglect)}
      </Text>
      {lot.place === 'fridge' && !keptCold ? <Text>{t`One to three warm feeds bring it back.`}</Text> : null}
      {answer ? <DrawSpan answer={answer} now={now} /> : null}
      {!asleep && !answer ? (
        <Text>{stale ? t`Noted. This is being worked out again.` : t`Working out how lively it is…`}</Text>
      ) : null}
      {answer ? (
        <Text color={roles.softText} testID="draw-short">
          {forecasts.first ? t`A first estimate: it may still move.` : shortOf(lot, culture, answer, now)}
        </Text>
      ) : null}
      <Claims jar={lot} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'center' }}>
        {mostDrawableMl(lot) >= leastDrawMl && !asleep ? (
          <InkButton
            quiet
            label={t`Brew a soda from it`}
            onPress={() => router.navigate(`/brews/new?starter=${lot.id}`)}
          />
        ) : null}
        <Why
          topic="draw"
          lot={lot}
          now={now}
          whole={
            <Suspense fallback={null}>
              <Details lot={lot} culture={culture} answer={answer} celsius={celsius} now={now} />
            </Suspense>
          }
        />
      </View>
    </Card>
  );
}

/** The look that decides; of what is dosed how much a dose does. */
function shortOf(lot: Lot, { liquidKind }: DrawCardProps['culture'], answer: StarterAnswer, now: number) {
  const order = answer.rule && `${capital(ruleOrder(jarRuleOf(lot, answer.rule, answer.start), now))}.`;
  const dose = liquidKind ? null : doseShareWords(answer);
  return [order, dose].filter((each) => each).join(' ');
}

function DrawSpan({ answer, now }: { readonly answer: StarterAnswer; readonly now: number }) {
  const { draw, start } = answer;
  if (!draw) return <Text as="strong">{noDrawWords(answer)}</Text>;
  const at = (hour: number) => start + hour * hourMs;
  const span = drawSpanWords(at(draw.earliest), at(draw.latest), now);
  return (
    <>
      <Text as="strong">{span}</Text>
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
