import { View } from 'react-native';
import type { Course } from '@/core/forecast/courses';
import { DayAxis } from '@/ui/charts/day-axis';
import { LaneChart } from '@/ui/charts/lane-chart';
import { hourScale, laneHeight, type Lane } from '@/ui/charts/lane-scale';
import { TimeHandle } from '@/ui/charts/time-handle';
import { useRoles } from '@/ui/theme/use-roles';
import { NowLine } from './now-line';
import type { useHandle } from './use-handle';
import type { View as Shown } from './use-view';

interface Props {
  readonly lanes: readonly Lane[];
  readonly course: Course;
  readonly view: Shown;
  readonly width: number;
  readonly sealed: boolean;
  readonly handle: ReturnType<typeof useHandle> | null;
  readonly label: string;
  readonly valueText: string;
}

/** Lanes over one clock, now as a line through them, and the handle that can be dragged. */
export function LaneStack({ lanes, course, view, width, sealed, handle, label, valueText }: Props) {
  const roles = useRoles();
  const scale = hourScale(view.from, view.to, width);
  const height = lanes.length * laneHeight;
  return (
    <>
      <DayAxis days={view.days} fromHour={view.from} toHour={view.to} width={width} />
      <View>
        <View
          role="img"
          aria-label={`Forecast of sweetness, ${sealed ? 'fizz, pressure, ' : ''}acidity and alcohol; the table below has the numbers.`}
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
              away={view.away}
            />
          ))}
        </View>
        <NowLine x={scale(view.nowHour)} height={height} />
        {handle ? (
          <TimeHandle
            x={scale(handle.hour)}
            height={height}
            label={label}
            valueText={valueText}
            value={handle.hour}
            min={handle.min}
            max={handle.max}
            onDrag={handle.drag}
            onStep={handle.step}
            color={roles.brew}
          />
        ) : null}
      </View>
    </>
  );
}
