import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { useRoles } from '../theme/use-roles';
import { pictured } from './pictured';
import { scatter } from './scatter';

interface Props {
  /** g/L as tasted: the sweeter, the deeper its colour. */
  readonly sweetness: number;
  /** CO2, volumes: bubbles and the head of foam. */
  readonly volumes: number;
  /** Alcohol, percent: the measure at its side, of six. */
  readonly abv: number;
  /** Colour of the drink; that of brews when nothing is known of it. */
  readonly colour?: string;
  readonly label: string;
  readonly height?: number;
}

const [top, bottom] = [16, 92];
const mostAbv = 6;

/** A circle as a part of a path. */
const circlePath = (x: number, y: number, r: number): string =>
  `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** A poured glass, drawn from its numbers: depth of colour by sweetness, bubbles and foam by fizz, the measure beside it by strength. */
export function Glass({ sweetness, volumes, abv, colour, label, height = 96 }: Props) {
  const roles = useRoles();
  const body = 'M12 6 L18 94 Q18 98 22 98 H46 Q50 98 50 94 L56 6 Z';
  const foam = Math.min(16, Math.max(0, volumes - 0.8) * 6);
  // One path for all of them: a glass that is redrawn while a hand moves must not be fifty elements.
  const bubbles = scatter(Math.round(Math.min(4, Math.max(0, volumes)) * 11))
    .map(({ x, y }, i) =>
      circlePath(17 + x * 34, top + foam + y * (bottom - top - foam), 0.9 + (i % 3) * 0.45),
    )
    .join('');
  const depth = 0.3 + 0.6 * Math.min(1, Math.max(0, sweetness) / 90);
  const strong = bottom - (bottom - top) * Math.min(1, Math.max(0, abv) / mostAbv);
  return (
    <View {...pictured(label)}>
      <Svg width={height * 0.72} height={height} viewBox="0 0 72 104" aria-hidden>
        <Defs>
          <ClipPath id="poured-glass">
            <Path d={body} />
          </ClipPath>
        </Defs>
        <Path d={body} fill={roles.glass} />
        <G clipPath="url(#poured-glass)">
          <Rect x={8} y={top} width={52} height={90} fill={colour ?? roles.brewLiquid} opacity={depth} />
          <Path d={bubbles} fill={roles.foam} opacity={0.9} />
          {foam > 1 ? (
            <Rect x={8} y={top - 2} width={52} height={foam} fill={roles.foam} opacity={0.92} />
          ) : null}
        </G>
        <Path d={body} fill="none" stroke={roles.text} strokeWidth={2} />
        <Line
          x1={65}
          x2={65}
          y1={top}
          y2={bottom}
          stroke={roles.hairline}
          strokeWidth={5}
          strokeLinecap="round"
        />
        <Line
          x1={65}
          x2={65}
          y1={strong}
          y2={bottom}
          stroke={roles.starter}
          strokeWidth={5}
          strokeLinecap="round"
        />
      </Svg>
    </View>
  );
}
