import { View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { useRoles } from '../theme/use-roles';
import { jarLook } from './jar-solids';
import { pictured } from './pictured';
import { scatter } from './scatter';

interface Props {
  readonly jarMl: number;
  readonly levelMl: number;
  readonly markMl: number;
  /** 0 asleep – 1 at its peak: sets foam and bubbles. */
  readonly liveliness: number;
  readonly label: string;
  /** Kind of culture: what lies in it. */
  readonly culture?: string | null;
  /** Height of a one-litre jar on screen; others are to scale. */
  readonly litreHeight?: number;
}

/** A starter's jar, to scale: level, mark, what lies in it, foam and bubbles from its numbers. */
export function Jar({ jarMl, levelMl, markMl, liveliness, label, culture = null, litreHeight = 150 }: Props) {
  const roles = useRoles();
  const height = litreHeight * Math.cbrt(jarMl / 1000);
  const width = height * 0.74;
  const bottom = 96;
  const inside = 78;
  const y = (ml: number) => bottom - inside * Math.min(1, Math.max(0, ml / jarMl));
  const surface = y(levelMl);
  const foam = 7 * Math.min(1, liveliness * 1.1);
  const bubbles = scatter(Math.round(liveliness * 22));
  const body = 'M12 20 Q4 24 4 34 V86 Q4 96 14 96 H60 Q70 96 70 86 V34 Q70 24 62 20 Z';
  const { liquid, solids } = jarLook(culture);
  const clip = `jar-${Math.round(jarMl)}-${Math.round(levelMl)}`;
  return (
    <View {...pictured(label)}>
      <Svg width={width} height={height} viewBox="0 0 74 100" aria-hidden>
        <Defs>
          <ClipPath id={clip}>
            <Path d={body} />
          </ClipPath>
        </Defs>
        <Path d={body} fill={roles.glass} />
        <G clipPath={`url(#${clip})`}>
          <Rect x={0} y={surface} width={74} height={100 - surface} {...liquid(roles)} />
          {solids({ roles, surface, bottom, liveliness })}
          {bubbles.map(({ x, y: share }, i) => (
            <Circle
              key={i}
              cx={8 + x * 58}
              cy={surface + share * (bottom - surface)}
              r={0.9 + (i % 3) * 0.35}
              fill={roles.foam}
              opacity={0.85}
            />
          ))}
          {foam > 1
            ? scatter(13).map(({ x }, i) => (
                <Circle
                  key={i}
                  cx={5 + ((i + 0.5) / 13) * 64}
                  cy={surface - foam * 0.2}
                  r={foam * (0.45 + 0.3 * x)}
                  fill={roles.foam}
                />
              ))
            : null}
        </G>
        <Path d={body} fill="none" stroke={roles.text} strokeWidth={1.8} />
        <Path d="M9 20 Q37 9 65 20" fill={roles.card} stroke={roles.text} strokeWidth={1.8} />
        <Path d="M10 20 H64" stroke={roles.text} strokeWidth={2.6} />
        <Line x1={58} x2={74} y1={y(markMl)} y2={y(markMl)} stroke={roles.brew} strokeWidth={2} />
      </Svg>
    </View>
  );
}
