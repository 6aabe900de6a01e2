import { useImperativeHandle, useRef, type Component, type Ref } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { redraw } from '../redraw';
import { useRoles } from '../theme/use-roles';
import { pictured } from './pictured';
import { scatter } from './scatter';

/** What a glass is drawn from. */
interface Poured {
  /** g/L as tasted: the sweeter, the deeper its colour. */
  readonly sweetness: number;
  /** CO2, volumes: bubbles and the head of foam. */
  readonly volumes: number;
  /** Alcohol, percent: the measure at its side, of six. */
  readonly abv: number;
}

/** A glass that can be filled anew at every frame. */
export interface GlassHandle {
  pour(poured: Poured): void;
}

interface Props {
  readonly ref: Ref<GlassHandle>;
  readonly colour: string;
  readonly label: string;
  readonly height?: number;
}

const [top, bottom] = [16, 92];
const mostAbv = 6;

const body = 'M12 6 L18 94 Q18 98 22 98 H46 Q50 98 50 94 L56 6 Z';

/** Height of the head of foam. */
const foamOf = (volumes: number): number => Math.min(16, Math.max(0, volumes - 0.8) * 6);

/** All bubbles as one path: a glass that is redrawn while a hand moves must not be fifty elements. */
const bubblesOf = (volumes: number, foam: number): string =>
  scatter(Math.round(Math.min(4, Math.max(0, volumes)) * 11))
    .map(({ x, y }, i) =>
      circlePath(17 + x * 34, top + foam + y * (bottom - top - foam), 0.9 + (i % 3) * 0.45),
    )
    .join('');

/** A circle as a part of a path. */
const circlePath = (x: number, y: number, r: number): string =>
  `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** A poured glass, drawn from its numbers: depth of colour by sweetness, bubbles and foam by fizz, the measure beside it by strength. */
export function Glass({ ref, colour, label, height = 96 }: Props) {
  const roles = useRoles();
  const liquid = useRef<Component>(null);
  const bubbles = useRef<Component>(null);
  const head = useRef<Component>(null);
  const strength = useRef<Component>(null);
  useImperativeHandle(ref, () => ({
    pour: ({ sweetness, volumes, abv }) => {
      const foam = foamOf(volumes);
      // Of the fill: another opacity of the shape would have the browser lay its layers anew.
      redraw(liquid.current, { 'fill-opacity': 0.3 + 0.6 * Math.min(1, Math.max(0, sweetness) / 90) });
      redraw(bubbles.current, { d: bubblesOf(volumes, foam) });
      redraw(head.current, { height: foam > 1 ? foam : 0 });
      redraw(strength.current, { y1: bottom - (bottom - top) * Math.min(1, Math.max(0, abv) / mostAbv) });
    },
  }));
  const measure = { x1: 65, x2: 65, y2: bottom, strokeWidth: 5, strokeLinecap: 'round' } as const;
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
          <Rect ref={liquid as Ref<Rect>} x={8} y={top} width={52} height={90} fill={colour} />
          <Path ref={bubbles as Ref<Path>} d="" fill={roles.foam} fillOpacity={0.9} />
          <Rect
            ref={head as Ref<Rect>}
            x={8}
            y={top - 2}
            width={52}
            height={0}
            fill={roles.foam}
            fillOpacity={0.92}
          />
        </G>
        <Path d={body} fill="none" stroke={roles.text} strokeWidth={2} />
        <Line {...measure} y1={top} stroke={roles.hairline} />
        <Line {...measure} ref={strength as Ref<Line>} y1={bottom} stroke={roles.starter} />
      </Svg>
    </View>
  );
}
