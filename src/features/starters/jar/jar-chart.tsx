import { format } from 'date-fns/format';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { each, type FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import type { Lot } from '@/core/lots/lot';
import { jarHistory, type Step } from '@/core/starter/jar-history';
import { DayAxis } from '@/ui/charts/day-axis';
import { LaneChart } from '@/ui/charts/lane-chart';
import { laneHeights, type Lane } from '@/ui/charts/lane-scale';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { historyWords } from '@/words/starters/history-words';
import { useSugarLeft } from '../../lots/use-sugar-left';
import { JarDeeds } from './jar-deeds';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';
import { ownLane } from '@/ui/charts/own-lane';

interface Props {
  readonly lot: Lot;
  readonly answer: StarterAnswer | null;
  readonly now: number;
}

const aheadHours = 48;
const spans = [
  { value: 7, label: t`A week` },
  { value: 28, label: t`Four weeks` },
  { value: 84, label: t`Twelve` },
] as const;

const same = (value: number): FiveNumbers => [value, value, value, value, value];

/** Steps as a line that holds until the next one. */
function held(steps: readonly Step[], start: number, end: number) {
  const hours: number[] = [];
  const series: FiveNumbers[] = [];
  steps.forEach(({ at, value }, i) => {
    const next = steps[i + 1]?.at ?? end;
    for (const instant of [at, Math.max(at, next - 1)]) {
      hours.push((instant - start) / hourMs);
      series.push(same(value));
    }
  });
  return { hours, series };
}

/** A jar's weeks: its level, the sugar left, how lively it is with its doubt, its grains; and everything that was done. */
export function JarChart({ lot, answer, now }: Props) {
  const roles = useRoles();
  const [width, setWidth] = useState(0);
  const [days, setDays] = useState<number>(28);
  const sugarLeft = useSugarLeft();
  const history = useMemo(() => jarHistory(lot), [lot]);
  const start = Math.max(lot.begunAt, now - days * 24 * hourMs);
  const toHour = (now - start) / hourMs + aheadHours;
  const shift = answer ? (answer.start - start) / hourMs : 0;
  const level = held(history.levels, start, now);
  const grains = held(history.grains, start, now);
  const lanes: { lane: Lane; hours: readonly number[] }[] = [
    {
      lane: { name: t`Level`, unit: 'ml', color: roles.bottle, series: level.series, digits: 0 },
      hours: level.hours,
    },
    ...(answer
      ? [
          {
            lane: { name: t`Sugar left`, unit: 'g/L', color: roles.brew, series: answer.sugar, digits: 0 },
            hours: answer.hours.map((hour) => hour + shift),
          },
          {
            lane: {
              name: t`Liveliness`,
              unit: '%',
              color: roles.starter,
              series: answer.liveliness.map((five) => each(five, (value) => 100 * value)),
              digits: 0,
              target: [60, 100] as const,
            },
            hours: answer.hours.map((hour) => hour + shift),
          },
        ]
      : []),
    ...(grains.hours.length > 0
      ? [
          {
            lane: { name: t`Grains`, unit: 'g', color: roles.good, series: grains.series, digits: 0 },
            hours: grains.hours,
          },
        ]
      : []),
  ];
  return (
    <View style={{ gap: gap.small }} testID="jar-chart">
      <Text as="subheading" level={2}>{t`Its weeks`}</Text>
      <Choice label={t`How far back`} options={spans} value={days as 7 | 28 | 84} onChange={setDays} />
      <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
        {width > 0
          ? lanes.map(({ lane, hours }) => (
              <LaneChart
                key={lane.name}
                lane={ownLane(lane)}
                hours={hours}
                fromHour={0}
                toHour={toHour}
                width={width}
                height={laneHeights.wide}
                nights={[]}
              />
            ))
          : null}
        {width > 0 ? (
          <>
            <JarDeeds deeds={history.deeds} start={start} now={now} toHour={toHour} width={width} />
            <DayAxis days={midnights(start, toHour)} fromHour={0} toHour={toHour} width={width} />
          </>
        ) : null}
      </View>
      <Text
        color={roles.softText}
      >{t`▲ fed, ▼ drawn or strained, ● looked, ◆ moved. The line across: now.`}</Text>
      <Text>{historyWords(history, sugarLeft(lot), start, now)}</Text>
    </View>
  );
}

/** Midnights of the view; their names stand at noon. */
function midnights(start: number, toHour: number) {
  const first = new Date(start).setHours(0, 0, 0, 0);
  const out: { hour: number; label: string }[] = [];
  for (let day = 0; ; day++) {
    const at = new Date(first).setDate(new Date(first).getDate() + day);
    const hour = (at - start) / hourMs;
    if (hour > toHour) return out;
    out.push({ hour, label: format(at, 'd MMM') });
  }
}
