import { View } from 'react-native';
import { onClock } from '@/core/calendar';
import { dayMs } from '@/core/duration';
import type { Step } from '@/core/plan/outline';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { gap } from '@/ui/theme/shape';
import { stepWords, windowWords } from '@/words/plan/plan-words';

interface Props {
  readonly steps: readonly Step[];
  readonly now: number;
  readonly by: number;
}

/** The way to the glass: each step with its window, all on one clock. */
export function StepRows({ steps, now, by }: Props) {
  const last = Math.max(by, ...steps.map(({ until }) => (Number.isFinite(until) ? until : by)));
  const end = onClock(last + dayMs, 0);
  return (
    <View style={{ gap: gap.small }} testID="plan-steps">
      {steps
        .filter(({ kind }) => kind !== 'taste')
        .map(({ kind, from, until }) => (
          <View key={kind} style={{ gap: 2 }}>
            <Text>
              <Text as="strong">{stepWords[kind]}</Text>
              {` ${windowWords(from, until, now)}`}
            </Text>
            {kind === 'brew' ? null : (
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
