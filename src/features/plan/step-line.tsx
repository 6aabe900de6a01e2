import { useState } from 'react';
import type { HeldSteps } from '@/core/plan/held';
import type { StepKind } from '@/core/plan/outline';
import type { StepWindow } from '@/core/plan/step-windows';
import { FoldLine } from '@/ui/controls/fold-line';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { moment } from '@/words/moment';
import { inTimeWords, stepWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { Moments } from './moments';

interface Props {
  readonly kind: StepKind;
  /** Its window in words. */
  readonly when: string;
  /** Hours at which it could be held; none of a step that cannot. */
  readonly moments: StepWindow['moments'];
  readonly held: HeldSteps;
  readonly now: number;
  readonly onHold: (change: Partial<HeldSteps>) => void;
}

/** A step with its window; one that can be held is drawn along it, and says what that leaves. */
export function StepLine({ kind, when, moments, held, now, onHold }: Props) {
  const key = kind === 'bottle' ? 'bottleAt' : kind === 'chill' ? 'chillAt' : null;
  const stands = key === null ? null : held[key];
  const [open, setOpen] = useState(false);
  const [drawn, setDrawn] = useState<number | null>(null);
  if (key === null || moments.length < 2)
    return (
      <Text>
        <Text as="strong">{stepWords[kind]}</Text>
        {` ${when}`}
      </Text>
    );
  const best = moments.reduce((one, other) => (other.chance > one.chance ? other : one));
  const at = drawn ?? stands ?? best.at;
  const chance = moments.find((each) => each.at === at)?.chance ?? 0;
  const isHeld = stands === at;
  return (
    <FoldLine
      title={stepWords[kind]}
      summary={stands === null ? when : t`Held: ${moment(stands, now)}`}
      open={open}
      onPress={() => setOpen(!open)}
    >
      <Moments
        label={t`The hour: ${stepWords[kind]}`}
        moments={moments}
        at={at}
        until={moments.at(-1)!.at}
        now={now}
        onMove={setDrawn}
      />
      <Text live testID={`${kind}-held`}>{`${moment(at, now)}. ${inTimeWords(chance)}`}</Text>
      <InkButton
        quiet
        label={isHeld ? t`Let it go` : t`Hold ${moment(at, now)}`}
        onPress={() => onHold({ [key]: isHeld ? null : at })}
      />
    </FoldLine>
  );
}
