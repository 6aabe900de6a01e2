import { View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { display } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { pictured } from './pictured';
import { scatter } from './scatter';

interface Props {
  readonly bottleMl: number;
  readonly headspaceMl: number;
  readonly number: string;
  /** Dissolved gas, volumes: sets the bubbles. */
  readonly volumes: number;
  readonly cold?: boolean;
  readonly open?: boolean;
  readonly plastic?: boolean;
  /** Colour of its liquid; that of brews when nothing is known of it. */
  readonly colour?: string | undefined;
  /** What is tied to its neck. */
  readonly mark?: BottleMark | null | undefined;
  readonly label: string;
  readonly litreHeight?: number;
}

type BottleMark = 'ring' | 'two-rings' | 'knot' | 'tag' | 'clip';

/** Each mark as a shape about the neck, so that nobody needs its colour. */
const markPaths: Readonly<Record<BottleMark, string>> = {
  ring: 'M15 20h12',
  'two-rings': 'M15 17h12M15 23h12',
  knot: 'M15 20h12M21 20l-5 7M21 20l5 7',
  tag: 'M15 18h12M27 18l6 4v9l-4 2-4-2v-9z',
  clip: 'M13 16h5v9h-5zM24 16h5v9h-5z',
};

const glass =
  'M17 4 H25 V26 Q25 34 32 42 Q36 47 36 54 V100 Q36 108 28 108 H14 Q6 108 6 100 V54 Q6 47 10 42 Q17 34 17 26 Z';
const soft =
  'M16 6 H26 V16 Q36 26 36 40 V62 Q33 66 36 70 V100 Q36 108 29 107 Q21 104 13 107 Q6 108 6 100 V70 Q9 66 6 62 V40 Q6 26 16 16 Z';

/** A bottle, to scale: fill level, bubbles by its gas, a star when it is cold, lower when opened. */
export function Bottle({
  bottleMl,
  headspaceMl,
  number,
  volumes,
  cold,
  open,
  plastic,
  colour,
  mark,
  label,
  litreHeight = 140,
}: Props) {
  const roles = useRoles();
  const height = litreHeight * Math.cbrt(bottleMl / 1000);
  const outline = plastic ? soft : glass;
  const empty = open ? 0.8 : headspaceMl / bottleMl;
  // The neck is narrow: its third of the height holds a tenth of the volume.
  const surface = empty < 0.1 ? 6 + (empty / 0.1) * 34 : 40 + ((empty - 0.1) / 0.9) * 68;
  const bubbles = open ? [] : scatter(Math.round(Math.min(4, volumes) * 6));
  const clip = `bottle-${plastic ? 'p' : 'g'}`;
  return (
    <View {...pictured(label)}>
      <Svg width={height * 0.375} height={height} viewBox="0 0 42 112" aria-hidden>
        <Defs>
          <ClipPath id={clip}>
            <Path d={outline} />
          </ClipPath>
        </Defs>
        <Path d={outline} fill={roles.glass} />
        <G clipPath={`url(#${clip})`}>
          <Rect x={0} y={surface} width={42} height={112 - surface} fill={colour ?? roles.brewLiquid} />
          <Rect x={0} y={105} width={42} height={6} fill={roles.foam} opacity={0.5} />
          {bubbles.map(({ x, y }, i) => (
            <Circle
              key={i}
              cx={8 + x * 26}
              cy={surface + 4 + y * (100 - surface)}
              r={1 + (i % 3) * 0.4}
              fill={roles.foam}
              opacity={0.9}
            />
          ))}
        </G>
        <Path d={outline} fill="none" stroke={roles.text} strokeWidth={2} />
        {open ? null : (
          <Line x1={13} x2={29} y1={4} y2={4} stroke={roles.text} strokeWidth={4.5} strokeLinecap="round" />
        )}
        <Rect
          x={11}
          y={73}
          width={20}
          height={18}
          rx={4}
          fill={roles.card}
          stroke={roles.text}
          strokeWidth={1.4}
        />
        <SvgText
          x={21}
          y={86.5}
          fontSize={12.5}
          fontFamily={display}
          fontWeight="700"
          textAnchor="middle"
          fill={roles.text}
        >
          {number}
        </SvgText>
        {mark ? (
          <Path
            d={markPaths[mark]}
            stroke={roles.text}
            fill={roles.card}
            strokeWidth={2.6}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ) : null}
        {cold ? (
          <Path
            d="M21 54v14M15 57.5l12 7M27 57.5l-12 7"
            stroke={roles.text}
            strokeWidth={1.8}
            strokeLinecap="round"
          />
        ) : null}
      </Svg>
    </View>
  );
}
