import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import type { BatchAnswer } from '@/core/forecast/batch-answer';
import { bottlingSweetness } from '@/core/brew/wanted-sweetness';
import { chilledCourse } from '@/core/forecast/courses';
import { vesselKind } from '@/core/gas/vessels';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { DayAxis } from '@/ui/charts/day-axis';
import { LaneChart } from '@/ui/charts/lane-chart';
import { hourScale, laneHeight } from '@/ui/charts/lane-scale';
import { TimeHandle } from '@/ui/charts/time-handle';
import { useRoles } from '@/ui/theme/use-roles';
import { BottlingCard } from './bottling-card';
import { ForecastHeadline } from './forecast-headline';
import { ForecastTable } from './forecast-table';
import { lanesOf } from './lanes';
import { NowLine } from './now-line';
import { PourCard } from './pour-card';
import { useHandle } from './use-handle';
import { useSupposed, WhatIfChoice, type Supposed } from './what-if-choice';
import { useView } from './use-view';

interface Props {
  readonly batch: BatchState;
  readonly bottle: BottleState | null;
  readonly answer: BatchAnswer;
  readonly now: number;
}

/** The heart: lanes over one clock, and a moment to drag with the answer below it. */
export function ForecastView({ batch, bottle, answer: actual, now }: Props) {
  const roles = useRoles();
  const [supposed, setSupposed] = useState<Supposed>('as-is');
  const [width, setWidth] = useState(358);
  const view = useView(actual, batch, now);
  const answer = useSupposed(actual, {
    supposed,
    nowHour: view.nowHour,
    wantedVolumes: batch.wantedVolumes,
    wantedSweetness: bottlingSweetness(batch),
    limitBar: bottle ? vesselKind(bottle.vessel).limitBar : null,
  });
  const scale = hourScale(view.from, view.to, width);
  const handle = useHandle(answer, view, (hours) => scale(view.from + hours) - scale(view.from));
  const warm = bottle !== null && bottle.place === 'counter' && !bottle.opened;
  const movable = warm || bottle === null;
  const course = useMemo(
    () =>
      warm ? chilledCourse(answer, handle.hour, view.to) : { hours: answer.run.hours, series: answer.series },
    [answer, warm, handle.hour, view.to],
  );
  const lanes = useMemo(() => lanesOf(batch, bottle, course, roles), [batch, bottle, course, roles]);
  const height = lanes.length * laneHeight;
  const start = batch.pitchedAt ?? now;
  const verb = bottle ? 'Chill here' : 'Bottle here';
  return (
    <View style={{ gap: 12 }}>
      <ForecastHeadline batch={batch} bottle={bottle} answer={answer} now={now} />
      {answer.warnings.map((warning) => (
        <Note key={warning.code} tone="caution">
          {warning.sentence}
        </Note>
      ))}
      <View onLayout={(event) => setWidth(Math.round(event.nativeEvent.layout.width))}>
        <DayAxis days={view.days} fromHour={view.from} toHour={view.to} width={width} />
        <View>
          <View
            role="img"
            aria-label={`Forecast of sweetness, ${bottle ? 'fizz, pressure, ' : ''}acidity and alcohol; the table below has the numbers.`}
          >
            {lanes.map((lane) => (
              <LaneChart
                key={lane.name}
                lane={lane}
                hours={course.hours}
                fromHour={view.from}
                toHour={view.to}
                width={width}
                nights={view.nights}
              />
            ))}
          </View>
          <NowLine x={scale((now - start) / 3_600_000)} height={height} />
          {movable ? (
            <TimeHandle
              x={scale(handle.hour)}
              height={height}
              label={verb}
              valueText={handle.words(start, now)}
              value={handle.hour}
              min={handle.min}
              max={handle.max}
              onDrag={handle.drag}
              onStep={handle.step}
              color={roles.brew}
            />
          ) : null}
        </View>
      </View>
      {warm ? (
        <PourCard
          answer={answer}
          bottle={bottle}
          hour={handle.hour}
          when={handle.words(start, now)}
          now={now}
          start={start}
        />
      ) : null}
      {bottle === null ? (
        <BottlingCard answer={answer} batch={batch} hour={handle.hour} when={handle.words(start, now)} />
      ) : null}
      {movable ? (
        <>
          <Text as="subheading" level={2}>
            What if
          </Text>
          <WhatIfChoice value={supposed} onChange={setSupposed} sealed={bottle !== null} />
        </>
      ) : null}
      <Text color={roles.softText}>
        {`An estimate from ${actual.run.members.length} plausible kitchens: the line is the middle, the bands hold half and nine tenths of them. A squeeze and the eyes come first.`}
      </Text>
      <ForecastTable course={course} start={start} now={now} sealed={bottle !== null} />
    </View>
  );
}
