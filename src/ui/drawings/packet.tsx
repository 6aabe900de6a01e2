import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { useRoles } from '../theme/use-roles';
import { pictured } from './pictured';
import { scatter } from './scatter';

interface Props {
  /** What is still alive of it, 0–1: the grains drawn full, the others hollow. */
  readonly alive: number;
  readonly label: string;
  readonly height?: number;
}

/** A packet of dry yeast, torn open to show how much of it is alive. */
export function Packet({ alive, label, height = 116 }: Props) {
  const roles = useRoles();
  const grains = scatter(36);
  return (
    <View {...pictured(label)}>
      <Svg width={height * 0.74} height={height} viewBox="0 0 74 100" aria-hidden>
        <Path d="M10 16 L64 12 L66 92 L8 94 Z" fill={roles.card} stroke={roles.text} strokeWidth={1.8} />
        <Path
          d="M10 16 L17 11 L24 15 L32 10 L39 14 L47 9 L55 13 L64 12"
          fill="none"
          stroke={roles.text}
          strokeWidth={1.8}
        />
        <Rect x={17} y={26} width={40} height={14} rx={3} fill={roles.starter} opacity={0.8} />
        <G>
          {grains.map(({ x, y }, i) => (
            <Circle
              key={i}
              cx={16 + x * 42}
              cy={50 + y * 36}
              r={2}
              fill={i < Math.round(alive * grains.length) ? roles.starter : 'none'}
              stroke={roles.starter}
              strokeWidth={0.9}
            />
          ))}
        </G>
      </Svg>
    </View>
  );
}
