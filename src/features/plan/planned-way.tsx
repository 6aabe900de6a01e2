import { memo, startTransition, useState } from 'react';
import { View } from 'react-native';
import type { Outline } from '@/core/plan/outline';
import type { Preparing } from '@/core/plan/preparation';
import type { WishAnswer } from '@/core/plan/answer';
import type { OpenWish } from '@/core/plan/wished';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { chanceWords } from '@/words/chance';
import { moment } from '@/words/moment';
import { atWords } from '@/words/when';
import { alternativeWords, causeWords, inTimeWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { Moments } from './moments';
import { OtherDay } from './other-day';
import { Remedies } from './remedies';
import { StepRows } from './step-rows';
import { usePlanActs } from './use-plan-acts';

interface Props {
  readonly wish: OpenWish;
  readonly answer: WishAnswer;
  readonly outline: Outline;
  readonly prepared: readonly Preparing[];
  readonly now: number;
  /** Holds a brew day, so that all else is planned around it; null lets it go. */
  readonly onHold: (at: number | null) => void;
}

/** The way to a wish: its chance, the brew day that can be drawn along, the steps, what else could be done. */
export function PlannedWay({ wish, answer, outline, prepared, now, onHold }: Props) {
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
    // What is drawn along follows at once; the other wishes after it.
    startTransition(() => onHold(to));
  };
  return (
    <View style={{ gap: gap.medium }}>
      <Text as="strong" live testID="plan-chance">
        {inTimeWords(chance)}
      </Text>
      <Text testID="plan-start">{t`Brew ${atWords(at, now)}. At the latest ${atWords(Math.max(at, outline.latestStart), now)}.`}</Text>
      <Moments label={t`The brew day`} moments={moments} at={at} until={wish.by} now={now} onMove={move} />
      <Ways answer={answer} at={at} now={now} onMove={move} />
      <Standing wish={wish} answer={answer} outline={outline} prepared={prepared} now={now} />
      <InkButton
        label={isTaken ? t`Taken` : t`Take this plan`}
        disabled={isTaken}
        onPress={() => take(wish, { recipe: outline.wayId, pitchAt: at, chance })}
      />
    </View>
  );
}

/** What stays as it is while a brew day is drawn along. */
const Standing = memo(function Standing({ wish, answer, outline, prepared, now }: Omit<Props, 'onHold'>) {
  return (
    <>
      <StepRows prepared={prepared} steps={outline.steps} now={now} by={wish.by} />
      {outline.hangsOn ? <Text>{causeWords[outline.hangsOn]}</Text> : null}
      <Remedies answer={answer} />
      {wish.standing ? null : <OtherDay wish={wish} days={answer.days} now={now} />}
    </>
  );
});

/** Plans that differ in something: each a tap. */
function Ways({
  answer,
  at,
  now,
  onMove,
}: Pick<Props, 'answer' | 'now'> & { at: number; onMove: (at: number) => void }) {
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
