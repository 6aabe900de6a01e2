import type { UnderWay } from '@/core/plan/under-way';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useForecasts } from '../forecasting/forecasts';
import { Card } from '@/ui/controls/card';
import { InkButton } from '@/ui/controls/ink-button';
import { RowLink } from '@/ui/controls/row-link';
import { Text } from '@/ui/controls/text';
import { moment } from '@/words/moment';
import { causeWords, inTimeWords } from '@/words/plan/plan-words';
import {
  changedWords,
  coldWords,
  glassWords,
  heldWords,
  pouredWords,
  surerWords,
} from '@/words/plan/under-way-words';
import { t } from '@/core/language/t';
import { NoneYet } from './none-yet';
import { coldFrom, underWayAsk, type Made } from './under-way-ask';
import { usePlanActs } from './use-plan-acts';

interface Props extends Made {
  /** Null while it is being worked out. */
  readonly answer: UnderWay | null;
  /** When a glass can be poured by what is ahead; null before that is known. */
  readonly glass: UnderWay['glass'] | null;
  /** Asks once more, where it could not be worked out. */
  readonly again: (() => void) | null;
  readonly now: number;
}

/** A wish whose brew is under way: whether it comes in time, and what can be done where it hardly does. */
export function UnderWayCard({ wish, brew, answer, glass, again, now }: Props) {
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const dated = wish.standing ? null : wish.by;
  const cold = coldFrom(brew, household);
  const asks = dated !== null && underWayAsk({ wish, brew }, household, forecasts, now) !== null;
  return (
    <Card label={brew.name} testID="under-way" style={{ paddingTop: 4 }}>
      <RowLink
        title={brew.name}
        words={dated === null ? t`Under way.` : t`Under way, wished cold by ${moment(dated, now)}.`}
        href={`/brews/${brew.id}`}
      />
      {dated !== null && cold !== null ? <Text>{coldWords(cold, dated, now)}</Text> : null}
      {asks && !answer ? <NoneYet waiting={t`Working out whether it is in time…`} again={again} /> : null}
      {asks && answer ? <Ahead wish={wish} answer={answer} glass={glass ?? answer.glass} now={now} /> : null}
    </Card>
  );
}

/** What is ahead: the chance, the first glass, what was held, and what else could be done. */
function Ahead({
  wish,
  answer,
  glass,
  now,
}: Pick<Props, 'wish' | 'now'> & { readonly answer: UnderWay; readonly glass: UnderWay['glass'] }) {
  const { postpone, letGo } = usePlanActs();
  const { chance, hangsOn, surer, inTime } = answer;
  const changed = wish.taken && changedWords(wish.taken.chance, chance);
  const held = wish.taken && heldWords(wish.taken, now);
  return (
    <>
      <Text as="strong" live testID="under-way-chance">
        {inTimeWords(chance)}
      </Text>
      {changed ? <Text>{changed}</Text> : null}
      <Text>{glassWords(glass, now)}</Text>
      {held ? (
        <>
          <Text>{held}</Text>
          <InkButton quiet label={t`Let it go`} onPress={() => letGo(wish)} />
        </>
      ) : null}
      {hangsOn ? <Text>{causeWords[hangsOn]}</Text> : null}
      {inTime ? <Text testID="in-time">{pouredWords(inTime, now)}</Text> : null}
      {surer ? (
        <>
          <Text testID="surer">{surerWords(surer, now)}</Text>
          <InkButton
            quiet
            label={t`Wish it for ${moment(surer.at, now)}`}
            onPress={() => postpone(wish, surer.at)}
          />
        </>
      ) : null}
    </>
  );
}
