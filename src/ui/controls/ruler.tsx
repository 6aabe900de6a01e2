import { useRef, useState } from 'react';
import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { gap } from '../theme/shape';
import { useRoles } from '../theme/use-roles';
import { Text } from './text';
import { useKeySteps } from './use-key-steps';

interface Props {
  readonly label: string;
  readonly value: number;
  /** One notch. */
  readonly step: number;
  readonly min: number;
  readonly max: number;
  /** The value as it is read. */
  readonly format: (value: number) => string;
  readonly onTurn: (value: number) => void;
}

interface PointerLike {
  readonly clientX: number;
  readonly pointerId: number;
  readonly currentTarget: { setPointerCapture(id: number): void };
}

const notch = 11;
const height = 64;
const keys: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -10,
  PageUp: 10,
};

/** A scale that is drawn along under a fixed mark, by finger, mouse or keys: one notch is one step of the kitchen's measure. */
export function Ruler({ label, value, step, min, max, format, onTurn }: Props) {
  const roles = useRoles();
  const [width, setWidth] = useState(300);
  const element = useRef<View>(null);
  const from = useRef<{ x: number; value: number; step: number } | null>(null);
  const held = (next: number, by: number) =>
    Math.min(max, Math.max(min, Number((Math.round(next / by) * by).toFixed(4))));
  useKeySteps(element, keys, (times) => onTurn(held(value + times * step, step)));
  const pointer = {
    onPointerDown: (event: PointerLike) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = { x: event.clientX, value, step };
    },
    onPointerMove: (event: PointerLike) => {
      if (!from.current) return;
      const { x, value: begun, step: by } = from.current;
      const next = held(begun + Math.round((x - event.clientX) / notch) * by, by);
      if (next !== value) onTurn(next);
    },
    onPointerUp: () => (from.current = null),
    onPointerCancel: () => (from.current = null),
  };
  const half = Math.ceil(width / notch / 2);
  const first = Math.round(value / step) - half;
  const marks = Array.from({ length: 2 * half + 1 }, (_, i) => first + i).filter(
    (n) => n * step >= min - 1e-9 && n * step <= max + 1e-9,
  );
  const x = (n: number) => width / 2 + (n - value / step) * notch;
  return (
    <View
      {...(pointer as object)}
      ref={element}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuetext={format(value)}
      onLayout={(event) => setWidth(Math.max(160, event.nativeEvent.layout.width))}
      style={
        [
          styles.band,
          { backgroundColor: roles.well, touchAction: 'none', cursor: 'ew-resize' },
        ] as StyleProp<ViewStyle>
      }
    >
      <Svg width={width} height={height} aria-hidden>
        {marks.map((n) => (
          <Line
            key={n}
            x1={x(n)}
            x2={x(n)}
            y1={height}
            y2={height - (n % 10 === 0 ? 26 : n % 5 === 0 ? 19 : 12)}
            stroke={roles.text}
            strokeWidth={n % 10 === 0 ? 2 : 1}
            opacity={0.75}
          />
        ))}
        <Path d={`M${width / 2 - 9} 0h18l-9 12z`} fill={roles.brew} />
        <Line x1={width / 2} x2={width / 2} y1={8} y2={height} stroke={roles.brew} strokeWidth={2.5} />
      </Svg>
      {marks
        .filter((n) => n % 10 === 0 && Math.abs(x(n) - width / 2) > 26 && x(n) > 24 && x(n) < width - 24)
        .map((n) => (
          <Text key={n} as="label" color={roles.softText} style={[styles.figure, { left: x(n) - 30 }]}>
            {String(Number((n * step).toFixed(2)))}
          </Text>
        ))}
    </View>
  );
}

const styles = StyleSheet.create({
  band: {
    height,
    overflow: 'hidden',
    borderTopLeftRadius: 6,
    borderTopRightRadius: 18,
    borderBottomRightRadius: 6,
    borderBottomLeftRadius: 18,
    marginVertical: gap.hair,
  },
  figure: { position: 'absolute', top: 14, width: 60, textAlign: 'center' },
});
