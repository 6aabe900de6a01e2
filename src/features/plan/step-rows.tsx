import { View } from 'react-native';
import { onClock } from '@/core/calendar';
import { dayMs, hourMs } from '@/core/duration';
import type { Preparing } from '@/core/plan/preparation';
import type { Step } from '@/core/plan/outline';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { gap } from '@/ui/theme/shape';
import { inARow } from '@/words/amounts';
import type { HeldSteps } from '@/core/plan/held';
import type { StepWindow } from '@/core/plan/step-windows';
import { moment } from '@/words/moment';
import { preparingWords, stepWords, windowWords } from '@/words/plan/plan-words';
import { t } from '@/core/language/t';
import { StepLine } from './step-line';

interface Props {
  readonly prepared: readonly Preparing[];
  readonly steps: readonly Step[];
  readonly windows: readonly StepWindow[];
  readonly held: HeldSteps;
  readonly now: number;
  readonly by: number;
  readonly onHold: (change: Partial<HeldSteps>) => void;
}

/** What is done before, one row a kind: several feeds stand in one. */
const inRows = (prepared: readonly Preparing[], now: number) =>
  [...new Set(prepared.map(({ kind }) => kind))].map((kind) => ({
    kind,
    when: inARow(
      prepared
        .filter((each) => each.kind === kind)
        .map(({ from, until }) =>
          kind === 'buy' ? t`before ${moment(until, now)}` : windowWords(from, until, now),
        ),
    ),
  }));

/** The way to the glass: what is done before, then each step with its window, all on one clock. */
export function StepRows({ prepared, steps, windows, held, now, by, onHold }: Props) {
  const last = Math.max(by, ...steps.map(({ until }) => (Number.isFinite(until) ? until : by)));
  const end = onClock(last + dayMs, 0);
  return (
    <View style={{ gap: gap.small }} testID="plan-steps">
      {inRows(prepared, now).map(({ kind, when }) => (
        <Text key={kind}>
          <Text as="strong">{preparingWords[kind]}</Text>
          {` ${when}`}
        </Text>
      ))}
      {steps
        .filter(({ kind }) => kind !== 'taste')
        .map(({ kind, from, until }) => (
          <View key={kind} style={{ gap: 2 }}>
            <StepLine
              kind={kind}
              when={windowWords(from, until, now)}
              moments={windows.find((each) => each.kind === kind)?.moments ?? []}
              held={held}
              now={now}
              onHold={onHold}
            />
            {until - from < hourMs || kind === 'brew' ? null : (
              <Ribbon
                bare
                span={{
                  from,
                  until: Number.isFinite(until) ? until : end,
                  fromSoftHours: 2,
                  untilSoftHours: 2,
                }}
                now={now}
                start={now}
                end={end}
                summary={`${stepWords[kind]}: ${windowWords(from, until, now)}`}
              />
            )}
          </View>
        ))}
    </View>
  );
}
