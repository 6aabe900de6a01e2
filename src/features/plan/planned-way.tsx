import { memo, startTransition, useState } from 'react';
import { View } from 'react-native';
import type { Held, HeldSteps } from '@/core/plan/held';
import type { Outline } from '@/core/plan/outline';
import type { Preparing } from '@/core/plan/preparation';
import type { WishAnswer } from '@/core/plan/answer';
import type { OpenWish } from '@/core/plan/wished';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { atWords } from '@/words/when';
import { causeWords, inTimeWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { Alternatives } from './alternatives';
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
  readonly held: Held;
  /** Holds a brew day or a step, so that all else is planned around it; null lets it go. */
  readonly onHold: (change: Partial<Held>) => void;
}

/** The way to a wish: its chance, the brew day that can be drawn along, the steps, what else could be done. */
export function PlannedWay({ wish, answer, outline, prepared, now, held, onHold }: Props) {
  const [at, setAt] = useState(outline.pitchAt);
  const [before, setBefore] = useState(outline.pitchAt);
  if (before !== outline.pitchAt) {
    setBefore(outline.pitchAt);
    setAt(outline.pitchAt);
  }
  const { take } = usePlanActs();
  const moments = answer.moments.filter(({ wayId }) => wayId === outline.wayId);
  const chance = moments.find((each) => each.at === at)?.chance ?? outline.chance;
  const taken = takenWith(outline.wayId, at, held);
  const isTaken = Object.entries(taken).every(([key, value]) => Reflect.get(wish.taken ?? {}, key) === value);
  const move = (to: number, wayId = outline.wayId) => {
    setAt(to);
    // What is drawn along follows at once; the other wishes after it.
    startTransition(() => onHold({ pitchAt: to, wayId }));
  };
  return (
    <View style={{ gap: gap.medium }}>
      <Text as="strong" live testID="plan-chance">
        {inTimeWords(chance)}
      </Text>
      <Text testID="plan-start">{t`Brew ${atWords(at, now)}. At the latest ${atWords(Math.max(at, outline.latestStart), now)}.`}</Text>
      <Moments label={t`The brew day`} moments={moments} at={at} until={wish.by} now={now} onMove={move} />
      <Alternatives answer={answer} outline={outline} at={at} now={now} onMove={move} />
      <Standing
        wish={wish}
        answer={answer}
        outline={outline}
        prepared={prepared}
        now={now}
        bottleAt={held.bottleAt}
        chillAt={held.chillAt}
        onHold={onHold}
      />
      <InkButton
        label={isTaken ? t`Taken` : t`Take this plan`}
        disabled={isTaken}
        onPress={() => take(wish, { ...taken, chance })}
      />
    </View>
  );
}

/** What stays as it is while a brew day is drawn along. */
const Standing = memo(function Standing({
  wish,
  answer,
  outline,
  prepared,
  now,
  bottleAt,
  chillAt,
  onHold,
}: Omit<Props, 'held'> & HeldSteps) {
  return (
    <>
      <StepRows
        prepared={prepared}
        steps={outline.steps}
        windows={answer.windows}
        held={{ bottleAt, chillAt }}
        now={now}
        by={wish.by}
        onHold={(change) => onHold({ ...change, wayId: outline.wayId })}
      />
      {outline.hangsOn ? <Text>{causeWords[outline.hangsOn]}</Text> : null}
      <Remedies answer={answer} />
      {wish.standing ? null : <OtherDay wish={wish} days={answer.days} now={now} />}
    </>
  );
});

/** A plan as it is taken, with the hours that are held. */
const takenWith = (recipe: string, pitchAt: number, { bottleAt, chillAt }: HeldSteps) => ({
  recipe,
  pitchAt,
  ...(bottleAt === null ? {} : { bottleAt }),
  ...(chillAt === null ? {} : { chillAt }),
});
