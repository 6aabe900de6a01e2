import { View } from 'react-native';
import type { Course } from '@/core/forecast/answer/course';
import { DayAxis } from '@/ui/charts/day-axis';
import { LaneChart } from '@/ui/charts/lane-chart';
import { hourScale, laneHeights, type Lane } from '@/ui/charts/lane-scale';
import { useWide } from '@/ui/layout/use-wide';
import { ClockHandle } from './clock-handle';
import { NowLine } from './now-line';
import type { Handle } from './use-handle';
import type { View as Shown } from './use-view';
import { t } from '@/core/language/t';

interface Props {
  readonly lanes: readonly Lane[];
  readonly course: Course;
  readonly view: Shown;
  readonly width: number;
  readonly sealed: boolean;
  readonly handle: Handle | null;
  readonly label: string;
}

/** Lanes over one clock, now as a line through them, and the handle that can be dragged. */
export function LaneStack({ lanes, course, view, width, sealed, handle, label }: Props) {
  const scale = hourScale(view.from, view.to, width);
  const hourPixels = scale(view.from + 1) - scale(view.from);
  const laneHeight = laneHeights[useWide() ? 'wide' : 'phone'];
  const height = lanes.length * laneHeight;
  return (
    <>
      <DayAxis days={view.days} fromHour={view.from} toHour={view.to} width={width} />
      <View>
        <View
          role="img"
          aria-label={t`Forecast of sweetness, ${sealed ? t`fizz, pressure, ` : ''}acidity and alcohol; the table below has the numbers.`}
        >
          {lanes.map((lane) => (
            <LaneChart
              key={lane.name}
              lane={lane}
              hours={course.hours}
              fromHour={view.from}
              toHour={view.to}
              width={width}
              height={laneHeight}
              nights={view.nights}
              away={view.away}
            />
          ))}
        </View>
        <NowLine x={scale(view.nowHour)} height={height} />
        {handle ? (
          <ClockHandle handle={handle} scale={scale} hourPixels={hourPixels} height={height} label={label} />
        ) : null}
      </View>
    </>
  );
}
