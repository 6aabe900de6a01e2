import { View } from 'react-native';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import type { BatchAnswer } from '@/core/forecast/batch-answer';
import { chillReason, drivers } from '@/core/forecast/reasons';
import { vesselKind } from '@/core/gas/vessels';
import { Text } from '@/ui/controls/text';
import { Ribbon } from '@/ui/drawings/ribbon';
import { ribbonClock } from '@/ui/drawings/ribbon-ticks';
import { useRoles } from '@/ui/theme/use-roles';
import { moment, quarter } from '../forms/words';
import { onTheClock } from './spans';

interface Props {
  readonly batch: BatchState;
  readonly bottle: BottleState | null;
  readonly answer: BatchAnswer;
  readonly now: number;
}

/** Do this, from–until, because: and the ribbon. */
export function ForecastHeadline({ batch, bottle, answer, now }: Props) {
  const roles = useRoles();
  const start = batch.pitchedAt ?? now;
  const window = answer.chill ?? answer.taste;
  const celsius = answer.run.scenario.stages.at(-1)!.celsius;
  if (!window || bottle?.opened) return null;
  if (bottle?.place === 'fridge') {
    return (
      <Text>
        Cold and nearly still. It goes on slowly: what is sweet keeps gaining a little pressure over weeks.
      </Text>
    );
  }
  const span = onTheClock(window, start);
  const from = moment(quarter(span.from), now);
  const until = moment(quarter(span.until), now);
  const past = span.until <= now;
  const kind = bottle ? vesselKind(bottle.vessel) : null;
  const because =
    answer.chill && kind
      ? chillReason(answer.chill, batch.wantedVolumes, kind.limitBar, kind.name, celsius)
      : `its sugar is then eaten far enough, and what is left makes the fizz and some sweetness.`;
  const verb = bottle ? 'Chill' : 'Taste, and bottle if you like it,';
  const when = past ? 'now, in place' : span.from <= now ? `by ${until}` : `between ${from} and ${until}`;
  return (
    <View style={{ gap: 8 }} testID="advice">
      <Text as="subheading" level={2} live>{`${verb} ${when}, because ${because}`}</Text>
      <Ribbon span={span} now={now} {...ribbonClock(now)} summary={`${verb} ${when}.`} />
      <Text color={roles.softText}>{drivers(answer.run.scenario, answer.run.scenario.readings.length)}</Text>
    </View>
  );
}
