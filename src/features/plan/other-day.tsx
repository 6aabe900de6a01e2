import { useState } from 'react';
import type { WishAnswer } from '@/core/plan/answer';
import type { OpenWish } from '@/core/plan/wished';
import { FoldLine } from '@/ui/controls/fold-line';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { chanceWords } from '@/words/chance';
import { moment } from '@/words/moment';
import { inTimeWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { Moments } from './moments';
import { usePlanActs } from './use-plan-acts';

interface Props {
  readonly wish: OpenWish;
  readonly days: WishAnswer['days'];
  readonly now: number;
}

/** The wish drawn along the days: what its chance then is, before it is moved. */
export function OtherDay({ wish, days, now }: Props) {
  const { moveTo } = usePlanActs();
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(wish.by);
  const chance = days.find((each) => each.at === at)?.chance ?? 0;
  const best = days.reduce((most, each) => Math.max(most, each.chance), 0);
  if (days.length < 2) return null;
  return (
    <FoldLine
      title={t`Another day`}
      summary={t`At best ${chanceWords(best)}`}
      open={open}
      onPress={() => setOpen(!open)}
    >
      <Moments
        label={t`The day it is wished for`}
        moments={days}
        at={at}
        until={days.at(-1)!.at}
        now={now}
        onMove={setAt}
      />
      <Text live testID="other-day">{`${moment(at, now)}. ${inTimeWords(chance)}`}</Text>
      <InkButton
        quiet
        label={t`Wish it for ${moment(at, now)}`}
        disabled={at === wish.by}
        onPress={() => moveTo(wish, at)}
      />
    </FoldLine>
  );
}
