import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { squeezedFor } from '@/core/forecast/question/pilot';
import { lotOf } from '@/core/journal/household';
import { cautionOf } from '@/core/settings/caution';
import { whileAwake } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { jarRuleOf, ruleOf } from '@/core/tasks/rule';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { mixedSugar } from '@/core/forecast/question/living-liquid';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { useRoles } from '@/ui/theme/use-roles';
import { askedLook, lookWords } from '@/words/tasks/look-words';
import { lateWords } from '@/words/tasks/late-words';
import { wideHours } from '@/words/brews/composed-words';
import { byWords, moment, quarter } from '@/words/moment';
import { chillReason, drivers } from '@/words/tasks/reasons';
import { ruleLines, ruleOrder } from '@/words/tasks/rule-words';
import { Why } from '../why/why';
import { useForecasts } from './forecasts';
import { WhoseFizz } from './whose-fizz';
import { ColdAdvice } from './cold-advice';
import { hourMs } from '@/core/duration';
import { capital } from '@/core/capital';

interface Props {
  readonly lot: Lot;
  readonly root: Lot;
  readonly answer: LotAnswer;
  readonly celsius: number;
  readonly readings: number;
  readonly now: number;
}

/** Do this, from–until, because: and the ribbon. */
export function Advice({ lot, root, answer, celsius, readings, now }: Props) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const careful = cautionOf(household) === 'careful';
  const waking = wakingOf(household);
  const stale = useForecasts().stale(lot.id);
  const window = answer.chill ?? answer.taste;
  if (!window || lot.opened || lot.ended) return null;
  if (lot.role === 'bottle' && lot.place === 'fridge')
    return <ColdAdvice lot={lot} answer={answer} now={now} />;
  const at = (hour: number) => answer.start + hour * hourMs;
  const whole = { from: at(window.earliest), until: at(window.latest) };
  const awake = whileAwake(whole, waking);
  // In the night itself, what is left of a window is as it is.
  const { from: opens, until: closes } = awake.until > now ? awake : whole;
  const span = {
    from: opens,
    until: closes,
    fromSoftHours: window.earliestSpread,
    untilSoftHours: window.latestSpread,
  };
  const find = (id: string) => lotOf(household, id);
  const rule = answer.tasteRule ? jarRuleOf(lot, answer.tasteRule, answer.start) : ruleOf(lot, answer, find);
  // A rule says itself what to look at.
  const look = answer.advice || rule ? null : askedLook(answer, now);
  const squeezed = squeezedFor(lot, find);
  const from = moment(quarter(span.from), now);
  const by = byWords(span.until, now, waking.to);
  const sealed = answer.chill !== null;
  const because = sealed
    ? chillReason(answer, lot.vessel.kind, celsius, careful)
    : 'its sugar is then eaten far enough, and what is left makes the fizz and some sweetness.';
  const wide = !sealed && span.until - Math.max(now, span.from) > wideHours * hourMs;
  const verb = sealed ? 'Chill' : `Taste${wide ? ' once a day' : ''}, and bottle if you like it,`;
  const when =
    span.until <= now
      ? sealed
        ? 'now, in place'
        : 'now'
      : span.from <= now
        ? by
        : by.startsWith('by ')
          ? by.slice(3) === from
            ? `about ${from}`
            : `between ${from} and ${by.slice(3)}`
          : `from ${from}, ${by}`;
  const late = sealed ? null : lateWords('bottle', lot, span.until, now);
  return (
    <View style={{ gap: 8 }} testID="advice">
      {stale ? (
        <Text as="subheading" level={2} live>
          Noted. This is being worked out again.
        </Text>
      ) : (
        <Text as="subheading" level={2} live>
          {late ?? (rule ? capital(`${ruleOrder(rule, now)}.`) : `${verb} ${when}, because ${because}`)}
        </Text>
      )}
      {rule && !stale ? (
        <>
          <Text as="strong" testID="rule">
            {ruleLines(rule, now).join(' ')}
          </Text>
          <Text>{`Without a look: ${verb.toLowerCase()} ${when}, because ${because}`}</Text>
        </>
      ) : null}
      <Ribbon span={span} now={now} {...ribbonClock(now)} summary={late ?? `${verb} ${when}.`} />
      {sealed ? <WhoseFizz answer={answer} now={now} /> : null}
      {look ? <Text as="strong">{lookWords(look, lot, squeezed, answer, now)}</Text> : null}
      <Text color={roles.softText}>{drivers(celsius, mixedSugar(root, liquidsOf(household)), readings)}</Text>
      <Why topic={sealed ? 'chill' : 'taste'} lot={lot} now={now} />
    </View>
  );
}
