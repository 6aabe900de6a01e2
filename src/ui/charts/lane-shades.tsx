import { G, Rect, Text as SvgText } from 'react-native-svg';
import { plain } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { laneHeight } from './lane-scale';

type Spans = readonly (readonly [number, number])[];

interface Props {
  readonly nights: Spans;
  readonly away: Spans;
  readonly x: (hour: number) => number;
}

/** What lies behind a lane: nights shaded, and when nobody is home, in a dashed frame with the word. */
export function LaneShades({ nights, away, x }: Props) {
  const roles = useRoles();
  return (
    <>
      {nights.map(([from, to]) => (
        <Rect
          key={from}
          x={x(from)}
          y={0}
          width={Math.max(0, x(to) - x(from))}
          height={laneHeight}
          fill={roles.well}
          opacity={0.75}
        />
      ))}
      {away.map(([from, to]) => (
        <G key={from}>
          <Rect
            x={x(from)}
            y={0}
            width={Math.max(0, x(to) - x(from))}
            height={laneHeight}
            fill={roles.well}
            opacity={0.5}
            stroke={roles.softText}
            strokeDasharray="3 4"
          />
          <SvgText x={x(from) + 4} y={laneHeight - 6} fontSize={13} fontFamily={plain} fill={roles.softText}>
            away
          </SvgText>
        </G>
      ))}
    </>
  );
}
