import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Defs, G, Line, LinearGradient, Path, Rect, Stop } from 'react-native-svg';
import { useRoles } from '../theme/use-roles';
import { ClockTicks } from './clock-ticks';
import { hourMs } from '@/core/duration';

interface RibbonSpan {
  readonly from: number;
  readonly until: number;
  readonly fromSoftHours: number;
  readonly untilSoftHours: number;
}

interface Props {
  readonly span: RibbonSpan;
  readonly now: number;
  /** The clock every ribbon of a page shares, ms since 1970. */
  readonly start: number;
  readonly end: number;
  /** The same in words, for those who do not see it. */
  readonly summary: string;
  /** Without its own clock and now: on a clock that many ribbons share. */
  readonly bare?: boolean;
}

const height = 20;
const top = 9;

/** A window on the clock: dotted (not yet), filled (good), hatched (too far), soft where the forecast is unsure. */
export function Ribbon({ span, now, start, end, summary, bare = false }: Props) {
  const roles = useRoles();
  const [width, setWidth] = useState(300);
  const x = (instant: number) => (Math.min(end, Math.max(start, instant)) - start) * (width / (end - start));
  // However unsure the edges are, a core of the window stays filled.
  const softest = 0.6 * (span.until - span.from);
  const soft = (hours: number) => Math.max(6, (Math.min(hours * hourMs, softest) * width) / (end - start));
  const edge = (instant: number, hours: number) => {
    const middle = (instant - start) * (width / (end - start));
    return [middle - soft(hours) / 2, middle + soft(hours) / 2] as const;
  };
  const rise = edge(span.from, span.fromSoftHours);
  const fall = edge(span.until, span.untilSoftHours);
  const notYet = (at: number) => 1 - between(at, rise);
  const tooFar = (at: number) => between(at, fall);
  const goodStops = Array.from({ length: 33 }, (_, i) => (i * width) / 32);
  const id = `ribbon-${Math.round(span.from)}-${Math.round(span.until)}-${Math.round(width)}`;
  const marks = Array.from({ length: Math.floor(width / 9) }, (_, i) => 5 + i * 9);
  return (
    <View onLayout={(event) => setWidth(Math.max(120, event.nativeEvent.layout.width))}>
      <View role="img" aria-label={summary}>
        <Svg width={width} height={height + top + 1} aria-hidden>
          <Defs>
            <LinearGradient id={id} x1={0} y1={0} x2={width} y2={0} gradientUnits="userSpaceOnUse">
              {goodStops.map((at) => (
                <Stop
                  key={at}
                  offset={at / width}
                  stopColor={roles.good}
                  stopOpacity={between(at, rise) * (1 - between(at, fall))}
                />
              ))}
            </LinearGradient>
          </Defs>
          <Rect
            x={0.5}
            y={top}
            width={width - 1}
            height={height}
            rx={9}
            fill={roles.card}
            stroke={roles.softText}
            strokeWidth={0.8}
          />
          <Rect x={1} y={top + 0.5} width={width - 2} height={height - 1} rx={9} fill={`url(#${id})`} />
          <G>
            {marks.map((at) => (
              <Circle
                key={at}
                cx={at}
                cy={top + height / 2}
                r={1.7}
                fill={roles.softText}
                opacity={notYet(at)}
              />
            ))}
            {marks.map((at) => (
              <Line
                key={at}
                x1={at - 3}
                y1={top + height - 2}
                x2={at + 5}
                y2={top + 2}
                stroke={roles.danger}
                strokeWidth={2}
                opacity={tooFar(at)}
              />
            ))}
          </G>
          {bare ? null : (
            <>
              <Path d={`M${x(now) - 6} 0h12l-6 8z`} fill={roles.text} />
              <Line x1={x(now)} x2={x(now)} y1={4} y2={top + height} stroke={roles.text} strokeWidth={2} />
            </>
          )}
        </Svg>
      </View>
      {bare ? null : (
        <View style={styles.ticks} aria-hidden>
          <ClockTicks start={start} end={end} now={now} x={x} />
        </View>
      )}
    </View>
  );
}

const between = (at: number, [from, to]: readonly [number, number]) =>
  Math.min(1, Math.max(0, (at - from) / (to - from)));

const styles = StyleSheet.create({
  ticks: { height: 20, overflow: 'hidden' },
});
