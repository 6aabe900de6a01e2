import { View } from 'react-native';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import { usualFeed } from '@/core/starter/feed-plan';
import { renewalOf } from '@/core/starter/renewal';
import { jarRuleOf } from '@/core/tasks/rule';
import { capital } from '@/core/capital';
import { hourMs } from '@/core/duration';
import type { WakingHours } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { portionsWords } from '@/words/amounts';
import { moment, quarter } from '@/words/moment';
import { drawReason } from '@/words/starters/draw-reason';
import { doseNowWords, livelinessWords, restWords } from '@/words/starters/draw-sheet-words';
import { jarLookWords } from '@/words/tasks/look-words';
import { ruleLines, ruleOrder } from '@/words/tasks/rule-words';
import { t } from '@/core/language/t';
import type { DrawCardProps } from './draw-card';

/** All that is known of a jar's next draw: how long it lives at rest, or why then, how lively it is, and its next feed. */
export function DrawDetails({ answer, ...jar }: DrawCardProps) {
  const { lot, culture } = jar;
  const { ripe, mustStay } = culture.keeping;
  const rests = lot.place === 'fridge' && ripe.by !== 'alive';
  return (
    <View style={{ gap: 6 }} testID="draw-details">
      {rests ? <Text testID="rest-chances">{restWords(culture.keeping)}</Text> : null}
      {answer ? <Lively {...jar} answer={answer} /> : null}
      {mustStay > 0 ? (
        <Text>{t`${Math.round(mustStay * 100)} % of the mark stay in the jar to regrow.`}</Text>
      ) : null}
    </View>
  );
}

/** Why then, how lively it is, what a dose does, what its look leads to, and its next feed. */
function Lively({ lot, culture, answer, celsius, now }: DrawCardProps & { readonly answer: StarterAnswer }) {
  const waking = wakingOf(useAppSelector(selectHousehold));
  const feed = renewalOf(lot)?.portions ?? usualFeed(lot);
  return (
    <>
      <Text>{capital(drawReason(answer, culture, celsius))}</Text>
      <Text testID="liveliness">{livelinessWords(answer, culture.keeping.ripe.by === 'alive')}</Text>
      {culture.liquidKind ? null : <Text testID="dose-now">{doseNowWords(answer)}</Text>}
      {lookLines(lot, answer, now, waking).map((line) => (
        <Text as="strong" key={line} testID="telling-look">
          {line}
        </Text>
      ))}
      {feed.length > 0 ? (
        <>
          <Text>{t`Next feed by ${moment(quarter(answer.start + answer.feed.latest * hourMs), now)}.`}</Text>
          <Text>{t`Feed: ${portionsWords(feed)}.`}</Text>
        </>
      ) : null}
    </>
  );
}

/** The look that decides with what follows each result, or else the one that tells most. */
function lookLines(
  lot: DrawCardProps['lot'],
  answer: StarterAnswer,
  now: number,
  waking: WakingHours,
): string[] {
  const rule = answer.rule && jarRuleOf(lot, answer.rule, answer.start);
  if (rule) return [`${capital(ruleOrder(rule, now))}. ${ruleLines(rule, now).join(' ')}`];
  const look = jarLookWords(answer, lot.name, now, waking);
  return look ? [look] : [];
}
