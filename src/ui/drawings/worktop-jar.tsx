import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { display } from '../theme/type';
import { useRoles } from '../theme/use-roles';
import { pictured } from './pictured';

/** A layer of what is in a jar: what it takes, and its colour. */
export interface JarLayer {
  readonly key: string;
  readonly ml: number;
  readonly colour: string;
  /** Solids lie in pieces, liquids are plain. */
  readonly pieces: boolean;
}

interface Props {
  readonly jarMl: number;
  /** From the bottom up. */
  readonly layers: readonly JarLayer[];
  readonly label: string;
  readonly height?: number;
}

const top = 22;
const bottom = 156;

/** A jar to scale with a measure on its side, filled layer on layer with what is put in. */
export function WorktopJar({ jarMl, layers, label, height = 176 }: Props) {
  const roles = useRoles();
  const total = layers.reduce((sum, { ml }) => sum + ml, 0);
  const perMl = (bottom - top) / Math.max(jarMl, 1);
  const body = `M22 14 Q12 20 12 32 V146 Q12 ${bottom} 24 ${bottom} H92 Q104 ${bottom} 104 146 V32 Q104 20 94 14 Z`;
  const mark = markStep(jarMl);
  const marks = Array.from({ length: Math.floor(jarMl / mark) }, (_, i) => (i + 1) * mark);
  const bands = layers.reduce<{ layer: JarLayer; y: number; tall: number }[]>((done, layer) => {
    const above = done.at(-1)?.y ?? bottom;
    const tall = layer.ml * perMl;
    return [...done, { layer, y: above - tall, tall }];
  }, []);
  const full = total > jarMl;
  return (
    <View {...pictured(label)}>
      <Svg width={height * 0.72} height={height} viewBox="0 0 126 176" aria-hidden>
        <Defs>
          <ClipPath id="worktop-jar">
            <Path d={body} />
          </ClipPath>
        </Defs>
        <Path d={body} fill={roles.glass} />
        <G clipPath="url(#worktop-jar)">
          {bands.map(({ layer, y, tall }) => (
            <G key={layer.key}>
              <Rect
                x={8}
                y={y}
                width={100}
                height={tall + 0.6}
                fill={layer.colour}
                opacity={layer.pieces ? 0.55 : 0.72}
              />
              {layer.pieces
                ? Array.from({ length: Math.min(26, Math.max(3, Math.round(tall * 1.2))) }, (_, i) => (
                    <Path
                      key={i}
                      d={`M${14 + ((i * 37) % 88)} ${y + 2 + (((i * 53) % 97) / 97) * Math.max(1, tall - 4)}q4 -4 8 0q-1 5 -8 0z`}
                      fill={layer.colour}
                    />
                  ))
                : null}
            </G>
          ))}
        </G>
        <Path d={body} fill="none" stroke={full ? roles.danger : roles.text} strokeWidth={2} />
        <Path d="M20 14 H96" stroke={roles.text} strokeWidth={3} />
        {marks.map((ml) => (
          <G key={ml}>
            <Line
              x1={92}
              x2={104}
              y1={bottom - ml * perMl}
              y2={bottom - ml * perMl}
              stroke={roles.text}
              strokeWidth={1.4}
            />
            {ml % (2 * mark) === 0 || marks.length < 4 ? (
              <SvgText
                x={107}
                y={bottom - ml * perMl + 4}
                fontSize={11}
                fontFamily={display}
                fill={roles.text}
              >
                {`${Number((ml / 1000).toFixed(2))}`}
              </SvgText>
            ) : null}
          </G>
        ))}
        <Line
          x1={4}
          x2={18}
          y1={bottom - total * perMl}
          y2={bottom - total * perMl}
          stroke={roles.brew}
          strokeWidth={3}
        />
      </Svg>
    </View>
  );
}

/** Marks on a jar of a size, ml apart. */
const markStep = (jarMl: number): number =>
  [50, 100, 250, 500, 1000, 2500, 5000].find((step) => jarMl / step <= 8) ?? 10_000;
