import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { seasonOf } from '@/core/tasting/looking-back';
import { meanScore, tastingsOf } from '@/core/tasting/tastings';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { plain, strong } from '@/ui/theme/type';
import { useRoles } from '@/ui/theme/use-roles';
import { fizzSteps, seasonWords, sweetWords } from '@/words/names';
import { dayMs } from '@/core/duration';
import { plural, t } from '@/core/language/t';
import type { Batch } from './batches';

const lane = 104;
const names = 62;
const foot = 24;

interface Point {
  readonly id: string;
  readonly at: number;
  readonly fizz: number | null;
  readonly sweet: number | null;
}

/** Where each season begins between two instants. */
function seasonsBetween(from: number, until: number) {
  const out: { readonly from: number; readonly season: ReturnType<typeof seasonOf> }[] = [];
  for (let at = from; at <= until; at += dayMs) {
    const season = seasonOf(at);
    if (out.at(-1)?.season !== season) out.push({ from: at, season });
  }
  return out;
}

/** Fizz and sweetness of each batch as it was sipped, from the first to now. */
export function SeasonsPlot({ batches, now }: { readonly batches: readonly Batch[]; readonly now: number }) {
  const roles = useRoles();
  const [width, setWidth] = useState(320);
  const points = batches
    .map(({ brew, at, opened }): Point => {
      const sips = opened.flatMap(tastingsOf);
      const mean = (kind: 'fizz' | 'sweet') => meanScore(sips, kind)?.mean ?? null;
      return { id: brew.id, at, fizz: mean('fizz'), sweet: mean('sweet') };
    })
    .filter(({ fizz, sweet }) => fizz !== null || sweet !== null)
    .sort((a, b) => a.at - b.at);
  if (points.length < 2) return null;
  const from = points[0]!.at - 5 * dayMs;
  const x = (at: number) => names + ((at - from) / Math.max(dayMs, now - from)) * (width - names - 8);
  const height = 2 * lane + foot;
  const seasons = seasonsBetween(from, now);
  return (
    <View style={{ gap: gap.small }} testID="seasons-plot">
      <View
        role="img"
        aria-label={t`Fizz and sweetness of ${plural(points.length, 'batch', 'batches')}, as they were sipped.`}
        onLayout={(event) => setWidth(Math.max(240, event.nativeEvent.layout.width))}
      >
        <Svg width={width} height={height} aria-hidden>
          {seasons.map(({ from: begun, season }, i) => {
            const end = seasons[i + 1]?.from ?? now;
            return (
              <G key={begun}>
                <Rect
                  x={x(begun)}
                  y={0}
                  width={Math.max(0, x(end) - x(begun))}
                  height={height - foot}
                  fill={i % 2 === 0 ? roles.well : roles.card}
                />
                {x(end) - x(begun) > 60 ? (
                  <SvgText x={x(begun) + 4} y={height - 6} fontSize={14} fontFamily={plain} fill={roles.text}>
                    {seasonWords[season]}
                  </SvgText>
                ) : null}
              </G>
            );
          })}
          <Lane
            points={points}
            kind="fizz"
            top={0}
            x={x}
            color={roles.bottle}
            title={t`Fizz`}
            steps={fizzSteps}
          />
          <Lane
            points={points}
            kind="sweet"
            top={lane}
            x={x}
            color={roles.brew}
            title={t`Sweet`}
            steps={sweetWords}
          />
        </Svg>
      </View>
      <Text>{t`A dot is a batch: the mean of its sips.`}</Text>
    </View>
  );
}

interface LaneProps {
  readonly points: readonly Point[];
  readonly kind: 'fizz' | 'sweet';
  readonly top: number;
  readonly x: (at: number) => number;
  readonly color: string;
  readonly title: string;
  readonly steps: readonly string[];
}

function Lane({ points, kind, top, x, color, title, steps }: LaneProps) {
  const roles = useRoles();
  const y = (step: number) => top + lane - 14 - ((step - 1) / 4) * (lane - 36);
  const there = points.flatMap(({ id, at, [kind]: value }) => (value === null ? [] : [{ id, at, value }]));
  const line = there.map(({ at, value }, i) => `${i === 0 ? 'M' : 'L'}${x(at)} ${y(value)}`).join('');
  return (
    <G>
      {[1, 3, 5].map((step) => (
        <SvgText
          key={step}
          x={names - 6}
          y={y(step) + 5}
          fontSize={13}
          fontFamily={plain}
          textAnchor="end"
          fill={roles.softText}
        >
          {steps[step - 1]}
        </SvgText>
      ))}
      <SvgText x={names + 4} y={top + 15} fontSize={14} fontFamily={strong} fill={color}>
        {title}
      </SvgText>
      <Path d={line} fill="none" stroke={color} strokeWidth={2} opacity={0.5} />
      {there.map(({ id, at, value }) => (
        <Circle key={id} cx={x(at)} cy={y(value)} r={6} fill={color} />
      ))}
    </G>
  );
}
