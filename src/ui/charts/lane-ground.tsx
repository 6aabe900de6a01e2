import { memo } from 'react';
import { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { plain } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { axisWidth, hourScale, tickFigure, valueScale, valueTicks } from './lane-scale';
import { t } from '@/core/language/t';

type Spans = readonly (readonly [number, number])[];

interface Props {
  readonly nights: Spans;
  readonly away: Spans;
  readonly fromHour: number;
  readonly toHour: number;
  readonly width: number;
  readonly height: number;
  /** Ends of its value axis. */
  readonly least: number;
  readonly most: number;
}

/**
 * What lies behind a lane: nights shaded, when nobody is home in a dashed frame with the word, and the value axis. It is drawn
 * anew only when one of them changes, not with every move of the handle.
 */
export const LaneGround = memo(function LaneGround(props: Props) {
  const { nights, away, fromHour, toHour, width, height, least, most } = props;
  const roles = useRoles();
  const x = hourScale(fromHour, toHour, width);
  const y = valueScale(least, most, height);
  return (
    <>
      {nights.map(([from, to]) => (
        <Rect
          key={from}
          x={x(from)}
          y={0}
          width={Math.max(0, x(to) - x(from))}
          height={height}
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
            height={height}
            fill={roles.well}
            opacity={0.5}
            stroke={roles.softText}
            strokeDasharray="3 4"
          />
          <SvgText
            x={x(from) + 4}
            y={height - 6}
            fontSize={13}
            fontFamily={plain}
            fill={roles.softText}
          >{t`away`}</SvgText>
        </G>
      ))}
      {valueTicks(y, height).map((tick) => (
        <G key={tick}>
          <Line
            x1={axisWidth}
            x2={width}
            y1={y(tick)}
            y2={y(tick)}
            stroke={roles.hairline}
            strokeWidth={0.8}
          />
          <SvgText
            x={axisWidth - 5}
            y={y(tick) + 4}
            fontSize={13}
            fontFamily={plain}
            textAnchor="end"
            fill={roles.softText}
          >
            {tickFigure(tick)}
          </SvgText>
        </G>
      ))}
    </>
  );
});
