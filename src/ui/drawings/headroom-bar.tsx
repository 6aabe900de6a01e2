import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { useRoles } from '../theme/use-roles';
import { pictured } from './pictured';

interface Props {
  /** Median pressure and its 95 % edge, as shares of the working limit. */
  readonly share: number;
  readonly edge: number;
  readonly label: string;
}

/** How much of the working limit a bottle uses: solid to the middle estimate, thin on to the 95 % edge. */
export function HeadroomBar({ share, edge, label }: Props) {
  const roles = useRoles();
  const width = 76;
  const clip = (value: number) => Math.max(2, Math.min(1, value) * (width - 4));
  const color = edge >= 1 ? roles.danger : edge > 0.8 ? roles.warning : roles.bottle;
  return (
    <View {...pictured(label)}>
      <Svg width={width} height={12} aria-hidden>
        <Rect
          x={0.5}
          y={0.5}
          width={width - 1}
          height={11}
          rx={5}
          fill={roles.well}
          stroke={roles.softText}
          strokeWidth={0.8}
        />
        <Rect x={2} y={4} width={clip(edge)} height={4} rx={2} fill={color} opacity={0.45} />
        <Rect x={2} y={2.5} width={clip(share)} height={7} rx={3} fill={color} />
        <Line x1={width - 3} x2={width - 3} y1={1} y2={11} stroke={roles.text} strokeWidth={1.6} />
      </Svg>
    </View>
  );
}
