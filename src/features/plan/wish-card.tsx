import { useState } from 'react';
import { View } from 'react-native';
import type { Outline } from '@/core/plan/outline';
import type { WishAnswer } from '@/core/plan/answer';
import type { Wish } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Waiting } from '@/ui/controls/waiting';
import { gap } from '@/ui/theme/shape';
import { litres } from '@/words/amounts';
import { chanceWords } from '@/words/chance';
import { moment } from '@/words/moment';
import { atWords } from '@/words/when';
import { alternativeWords, causeWords, inTimeWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { Moments } from './moments';
import { slippedMs } from './plan-ask';
import { recipeNamed } from './recipe-named';
import { Remedies, Unmet } from './remedies';
import { StepRows } from './step-rows';
import { usePlanActs } from './use-plan-acts';

interface Props {
  readonly wish: Wish;
  /** Null while it is being worked out. */
  readonly answer: WishAnswer | null;
  readonly now: number;
  /** Holds a brew day, so that all else is planned around it; null lets it go. */
  readonly onHold: (at: number | null) => void;
}

/** A wish and the way there: the chance, the steps, what else could be done, what would make it fit. */
export function WishCard({ wish, answer, now, onHold }: Props) {
  const household = useAppSelector(selectHousehold);
  const { giveUp } = usePlanActs();
  const name = (key: string) => recipeNamed(key, household);
  const outline = answer?.chosen ?? null;
  return (
    <Card label={name(wish.recipe)} testID="wish">
      <Text as="heading" level={2}>{t`${name(outline?.wayId ?? wish.recipe)}, ${litres(wish.ml)}`}</Text>
      <Text>{t`Cold by ${moment(wish.by, now)}`}</Text>
      <Slipped wish={wish} outline={outline} now={now} />
      {answer === null ? <Waiting>{t`Working the way out…`}</Waiting> : null}
      {answer && outline ? (
        <Planned wish={wish} answer={answer} outline={outline} now={now} onHold={onHold} />
      ) : null}
      {answer && !outline ? <Unmet answer={answer} /> : null}
      <InkButton quiet label={t`Give this wish up`} onPress={() => giveUp(wish)} />
    </Card>
  );
}

/** What became of the brew day that was taken: never a silent change. */
function Slipped({ wish, outline, now }: { wish: Wish; outline: Outline | null; now: number }) {
  const { taken } = wish;
  if (!taken || !outline || now <= taken.pitchAt + slippedMs) return null;
  return (
    <Note tone="caution" testID="slipped">
      {t`The brew day was ${moment(taken.pitchAt, now)}, in time ${chanceWords(taken.chance)}. Now ${atWords(outline.pitchAt, now)}, in time ${chanceWords(outline.chance)}.`}
    </Note>
  );
}

interface PlannedProps {
  readonly wish: Wish;
  readonly answer: WishAnswer;
  readonly outline: Outline;
  readonly now: number;
  readonly onHold: (at: number | null) => void;
}

function Planned({ wish, answer, outline, now, onHold }: PlannedProps) {
  const [at, setAt] = useState(outline.pitchAt);
  const [before, setBefore] = useState(outline.pitchAt);
  if (before !== outline.pitchAt) {
    setBefore(outline.pitchAt);
    setAt(outline.pitchAt);
  }
  const { take } = usePlanActs();
  const moments = answer.moments.filter(({ wayId }) => wayId === outline.wayId);
  const chance = moments.find((each) => each.at === at)?.chance ?? outline.chance;
  const isTaken = wish.taken?.pitchAt === at;
  const move = (to: number) => {
    setAt(to);
    onHold(to);
  };
  return (
    <View style={{ gap: gap.medium }}>
      <Text as="strong" live testID="plan-chance">
        {inTimeWords(chance)}
      </Text>
      <Text testID="plan-start">{t`Brew ${atWords(at, now)}. At the latest ${atWords(outline.latestStart, now)}.`}</Text>
      <Moments moments={moments} at={at} by={wish.by} now={now} onMove={move} />
      <Ways answer={answer} at={at} now={now} onMove={move} />
      <StepRows steps={outline.steps} now={now} by={wish.by} />
      {outline.hangsOn ? <Text>{causeWords[outline.hangsOn]}</Text> : null}
      <Remedies answer={answer} />
      <InkButton
        label={isTaken ? t`Taken` : t`Take this plan`}
        disabled={isTaken}
        onPress={() => take(wish, { recipe: outline.wayId, pitchAt: at, chance })}
      />
    </View>
  );
}

/** Plans that differ in something: each a tap. */
function Ways({
  answer,
  at,
  now,
  onMove,
}: Pick<PlannedProps, 'answer' | 'now'> & { at: number; onMove: (at: number) => void }) {
  if (answer.alternatives.length < 2) return null;
  return (
    <Choice
      label={t`Plans`}
      options={answer.alternatives.map(({ kind, outline }) => ({
        value: outline.pitchAt,
        label: t`${alternativeWords[kind]}: ${moment(outline.pitchAt, now)}, ${chanceWords(outline.chance)}`,
      }))}
      value={at}
      onChange={onMove}
    />
  );
}
