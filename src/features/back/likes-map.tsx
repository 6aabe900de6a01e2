import { View } from 'react-native';
import Svg, { Circle, Ellipse, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { Palate } from '@/core/tasting/palate';
import type { Tasting } from '@/core/tasting/tastings';
import { plain } from '@/ui/theme/type';
import { useRoles } from '@/ui/theme/use-roles';
import { fizzSteps, sweetWords } from '@/words/names';
import { t } from '@/core/language/t';

const cell = 40;
const left = 52;
const side = 5 * cell;
const foot = 22;

/** From so much on a sip was liked. */
const good = 4;

interface Props {
  readonly palate: Palate;
  /** Sips of this person alone. */
  readonly sips: readonly Tasting[];
}

/** One person's sips by sweetness and fizz, and where their liking lies. */
export function LikesMap({ palate: { person, likes }, sips }: Props) {
  const roles = useRoles();
  const x = (step: number) => left + (step - 0.5) * cell;
  const y = (step: number) => side - (step - 0.5) * cell;
  const stood = new Map<string, number>();
  const points = sips.flatMap(({ lotId, at, scores: { sweet, fizz, liking = 3 } }) => {
    if (sweet === undefined || fizz === undefined) return [];
    // Sips of the same words stand beside each other.
    const nth = stood.get(`${sweet} ${fizz}`) ?? 0;
    stood.set(`${sweet} ${fizz}`, nth + 1);
    const turn = nth * 2.4;
    const off = nth === 0 ? 0 : 11;
    return [
      {
        key: `${lotId}-${at}`,
        cx: x(sweet) + off * Math.cos(turn),
        cy: y(fizz) + off * Math.sin(turn),
        liked: liking >= good,
      },
    ];
  });
  const ellipse = {
    cx: x(likes.sweet.step),
    cy: y(likes.fizz.step),
    rx: Math.max(8, likes.sweet.deviation * cell),
    ry: Math.max(8, likes.fizz.deviation * cell),
  };
  const words = t`${person} likes it ${sweetWords[Math.round(likes.sweet.step) - 1]!.toLowerCase()} and ${fizzSteps[Math.round(likes.fizz.step) - 1]!.toLowerCase()}.`;
  return (
    <View role="img" aria-label={words} testID="likes-map">
      <Svg width={left + side} height={side + foot} aria-hidden>
        <Rect x={left} y={0} width={side} height={side} rx={12} fill={roles.well} />
        {[1, 2, 3, 4].map((i) => (
          <G key={i}>
            <Line x1={left + i * cell} x2={left + i * cell} y1={0} y2={side} stroke={roles.hairline} />
            <Line x1={left} x2={left + side} y1={i * cell} y2={i * cell} stroke={roles.hairline} />
          </G>
        ))}
        <Ellipse {...ellipse} fill={roles.good} opacity={0.35} />
        <Ellipse {...ellipse} fill="none" stroke={roles.good} strokeWidth={2} />
        {points.map(({ key, cx, cy, liked }) => (
          <Circle
            key={key}
            cx={cx}
            cy={cy}
            r={6}
            fill={liked ? roles.brew : roles.card}
            stroke={roles.brew}
            strokeWidth={2}
          />
        ))}
        {fizzSteps.map((word, i) => (
          <SvgText
            key={word}
            x={left - 6}
            y={y(i + 1) + 5}
            fontSize={14}
            fontFamily={plain}
            textAnchor="end"
            fill={roles.text}
          >
            {word}
          </SvgText>
        ))}
        {([0, 2, 4] as const).map((i) => (
          <SvgText
            key={sweetWords[i]}
            x={i === 0 ? left : i === 4 ? left + side : x(i + 1)}
            y={side + 17}
            fontSize={14}
            fontFamily={plain}
            textAnchor={i === 0 ? 'start' : i === 4 ? 'end' : 'middle'}
            fill={roles.text}
          >
            {sweetWords[i]}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
