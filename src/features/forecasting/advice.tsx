import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { mixedSugar } from '@/core/forecast/question/living-liquid';
import { squeezedFor } from '@/core/forecast/question/pilot';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { askedLook, lookWords } from '@/words/tasks/look-words';
import { drivers } from '@/words/tasks/reasons';
import { ruleLines } from '@/words/tasks/rule-words';
import { Why } from '../why/why';
import { adviceOf } from './advice-of';
import { ColdAdvice } from './cold-advice';
import { useForecasts } from './forecasts';
import { WhoseFizz } from './whose-fizz';
import { t } from '@/core/language/t';

interface HeadProps {
  readonly lot: Lot;
  readonly answer: LotAnswer;
  readonly celsius: number;
  readonly now: number;
  /** What it is now, drawn. */
  readonly drawing: ReactNode;
}

/** What it is now, and what to do: read from a metre away. */
export function AdviceHead({ lot, answer, celsius, now, drawing }: HeadProps) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const { first, stale } = useForecasts();
  const said = adviceOf(lot, answer, household, celsius, now);
  const isCold = !said && lot.role === 'bottle' && lot.place === 'fridge' && !lot.opened && !lot.ended;
  return (
    <View style={{ flexDirection: 'row', gap: gap.large, alignItems: 'center' }}>
      {drawing}
      <View style={{ flex: 1, minWidth: 0, gap: 2 }} testID="advice">
        {isCold ? <ColdAdvice lot={lot} answer={answer} now={now} /> : null}
        {said ? (
          <>
            <Text as="heading" level={2} live>
              {stale(lot.id) ? t`Noted. This is being worked out again.` : said.head}
            </Text>
            {said.brief && !stale(lot.id) ? <Text testID="rule-brief">{said.brief}</Text> : null}
            {first && !stale(lot.id) ? (
              <Text color={roles.softText}>{t`A first estimate; it is worked out closer.`}</Text>
            ) : null}
          </>
        ) : null}
      </View>
    </View>
  );
}

interface MoreProps extends Omit<HeadProps, 'drawing'> {
  readonly root: Lot;
  readonly readings: number;
}

/** All that stands behind the advice: each result of a look, why, the ribbon, whose fizz, what drove it. */
export function AdviceMore({ lot, root, answer, celsius, readings, now }: MoreProps) {
  const roles = useRoles();
  const household = useAppSelector(selectHousehold);
  const stale = useForecasts().stale(lot.id);
  const said = adviceOf(lot, answer, household, celsius, now);
  if (!said) return null;
  const { rule, sealed, span } = said;
  // A rule says itself what to look at.
  const look = answer.advice || rule ? null : askedLook(answer, now, wakingOf(household));
  const squeezed = squeezedFor(lot, (id) => lotOf(household, id));
  return (
    <View style={{ gap: 8 }} testID="advice-more">
      {rule && !stale ? (
        <Text as="strong" testID="rule">
          {ruleLines(rule, now).join(' ')}
        </Text>
      ) : null}
      <Text testID="because">{said.because}</Text>
      <Ribbon span={span} now={now} {...ribbonClock(now)} summary={`${said.head}.`} />
      {sealed ? <WhoseFizz answer={answer} now={now} /> : null}
      {look ? <Text as="strong">{lookWords(look, lot, squeezed, answer, now)}</Text> : null}
      <Text color={roles.softText}>{drivers(celsius, mixedSugar(root, liquidsOf(household)), readings)}</Text>
      <Why topic={sealed ? 'chill' : 'taste'} lot={lot} now={now} />
    </View>
  );
}
