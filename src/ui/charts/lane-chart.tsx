import { memo, useMemo } from 'react';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useRoles } from '../theme/use-roles';
import { plain, strong } from '../theme/type';
import { lanePaths, type LanePoint } from './lane-paths';
import { LaneGround } from './lane-ground';
import { axisWidth, hourScale, laneScale, type Lane } from './lane-scale';

interface Props {
  readonly lane: Lane;
  readonly hours: readonly number[];
  readonly fromHour: number;
  readonly toHour: number;
  readonly width: number;
  readonly height: number;
  /** Night spans to shade, in hours. */
  readonly nights: readonly (readonly [number, number])[];
  /** Spans when nobody is home. */
  readonly away?: readonly (readonly [number, number])[];
}

const none: readonly (readonly [number, number])[] = [];

/** One lane of the forecast: a median line in a soft 50 % and a fainter 90 % band, with its own value axis. */
export const LaneChart = memo(function LaneChart(props: Props) {
  const { lane, hours, fromHour, toHour, width, height, nights, away = none } = props;
  const roles = useRoles();
  const points = useMemo(
    () =>
      hours
        .map((hour, i): LanePoint => [hour, lane.series[i]!])
        .filter(([hour]) => hour >= fromHour - 1 && hour <= toHour + 1),
    [hours, lane.series, fromHour, toHour],
  );
  const x = hourScale(fromHour, toHour, width);
  const y = laneScale(
    lane,
    points.map(([, five]) => five),
    lane.name === 'Sour' ? null : 0,
    height,
  );
  const { band, median } = lanePaths(points, x, y);
  return (
    <Svg width={width} height={height} aria-hidden>
      <LaneGround
        nights={nights}
        away={away}
        fromHour={fromHour}
        toHour={toHour}
        width={width}
        height={height}
        least={y.domain()[0]!}
        most={y.domain()[1]!}
      />
      {lane.target ? (
        <Rect
          x={axisWidth}
          width={width - axisWidth}
          y={y(lane.target[1])}
          height={Math.max(1, y(lane.target[0]) - y(lane.target[1]))}
          fill={roles.here}
          opacity={0.55}
        />
      ) : null}
      <Path d={band(0, 4)} fill={lane.color} opacity={0.16} />
      <Path d={band(1, 3)} fill={lane.color} opacity={0.28} />
      <Path d={median} fill="none" stroke={lane.color} strokeWidth={2.4} />
      {lane.limit ? (
        <G>
          <Line
            x1={axisWidth}
            x2={width}
            y1={y(lane.limit.value)}
            y2={y(lane.limit.value)}
            stroke={roles.danger}
            strokeWidth={2}
            strokeDasharray="2 5"
          />
          <SvgText
            x={width - 6}
            y={y(lane.limit.value) - 5}
            fontSize={14}
            fontFamily={strong}
            textAnchor="end"
            fill={roles.danger}
          >
            {lane.limit.label}
          </SvgText>
        </G>
      ) : null}
      {(lane.points ?? []).map((point) => (
        <Circle
          key={point.hour}
          cx={x(point.hour)}
          cy={y(point.value)}
          r={5}
          fill={roles.card}
          stroke={roles.text}
          strokeWidth={2}
        />
      ))}
      <SvgText x={axisWidth + 4} y={16} fontSize={15} fontFamily={strong} fill={lane.color}>
        {lane.name}
      </SvgText>
      <SvgText
        x={axisWidth + 12 + lane.name.length * 8.2}
        y={16}
        fontSize={14}
        fontFamily={plain}
        fill={roles.softText}
      >
        {lane.unit}
      </SvgText>
      <Line x1={0} x2={width} y1={height - 0.5} y2={height - 0.5} stroke={roles.hairline} strokeWidth={1} />
    </Svg>
  );
});
