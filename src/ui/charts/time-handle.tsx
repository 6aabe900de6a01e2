import { useRef } from 'react';
import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { useKeySteps } from '../controls/use-key-steps';
import { Icon } from '../icons/icon';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly x: number;
  readonly height: number;
  readonly label: string;
  readonly valueText: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** Called with a horizontal move in pixels from where the drag began. */
  readonly onDrag: (pixels: number, phase: 'start' | 'move') => void;
  /** Called with a step in hours. */
  readonly onStep: (hours: number) => void;
  readonly color: string;
}

const knob = 48;
const steps: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -12,
  PageUp: 12,
  Home: -Infinity,
  End: Infinity,
};

interface PointerLike {
  readonly clientX: number;
  readonly pointerId: number;
  readonly currentTarget: { setPointerCapture(id: number): void };
  preventDefault(): void;
}

/** A vertical line on the clock with a knob to drag by finger or mouse, and to step by arrow keys. */
export function TimeHandle(props: Props) {
  const { x, height, label, valueText, value, min, max, onDrag, onStep, color } = props;
  const roles = useRoles();
  const element = useRef<View>(null);
  const from = useRef<number | null>(null);
  useKeySteps(element, steps, (step, shift) => onStep(shift ? step * 6 : step));
  const pointer = {
    onPointerDown: (event: PointerLike) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = event.clientX;
      onDrag(0, 'start');
    },
    onPointerMove: (event: PointerLike) => {
      if (from.current !== null) onDrag(event.clientX - from.current, 'move');
    },
    onPointerUp: () => (from.current = null),
    onPointerCancel: () => (from.current = null),
  };
  const web = { touchAction: 'none', cursor: 'ew-resize', willChange: 'transform' } as unknown as ViewStyle;
  // Moved, not laid out anew: the page stays as it is while the hand moves.
  const moved = (to: number) => ({ transform: [{ translateX: to }] });
  return (
    <>
      <View
        style={[styles.line, moved(x - 1.5), web, { height: height - knob / 2, backgroundColor: color }]}
        aria-hidden
      />
      <View
        {...(pointer as object)}
        ref={element}
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={Math.round(value)}
        aria-valuemin={Math.round(min)}
        aria-valuemax={Math.round(max)}
        aria-valuetext={valueText}
        style={
          [
            styles.knob,
            moved(x - knob / 2),
            { top: height - knob, backgroundColor: color },
            web,
          ] as StyleProp<ViewStyle>
        }
      >
        <Icon name="drag" color={roles.ground} />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  line: { position: 'absolute', top: 0, left: 0, width: 3, pointerEvents: 'none' },
  knob: {
    position: 'absolute',
    left: 0,
    width: knob,
    height: knob,
    borderRadius: knob / 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
