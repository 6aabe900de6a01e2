import { useImperativeHandle, useRef, type Ref } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKeySteps } from '../controls/use-key-steps';
import { describe, restyle } from '../redraw';
import { Icon } from '../icons/icon';
import { useRoles } from '../theme/use-roles';
import { useDrag } from './use-drag';
import { webStyle } from '../theme/web-style';

/** What can be moved at every frame. */
export interface TimeHandleRef {
  /** To a place in pixels. */
  move(x: number): void;
  /** What a screen reader is told of where it stands. */
  say(value: number, valueText: string): void;
}

interface Props {
  readonly ref: Ref<TimeHandleRef>;
  readonly height: number;
  readonly label: string;
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

/**
 * A vertical line on the clock with a knob to drag by finger or mouse, and to step by arrow keys. It is moved past React, and by
 * a transform: the page is not laid out anew while the hand moves.
 */
export function TimeHandle({ ref, height, label, min, max, onDrag, onStep, color }: Props) {
  const roles = useRoles();
  const whole = useRef<View>(null);
  const element = useRef<View>(null);
  useImperativeHandle(ref, () => ({
    move: (x) => restyle(whole.current, { transform: `translateX(${x - knob / 2}px)` }),
    say: (value, valueText) =>
      describe(element.current, { 'aria-valuenow': String(Math.round(value)), 'aria-valuetext': valueText }),
  }));
  useKeySteps(element, steps, (step, shift) => onStep(shift ? step * 6 : step));
  useDrag(element, onDrag);
  return (
    <View ref={whole} style={[styles.whole, { height }, layer]}>
      <View style={[styles.line, { height: height - knob / 2, backgroundColor: color }]} aria-hidden />
      <View
        ref={element}
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuemin={Math.round(min)}
        aria-valuemax={Math.round(max)}
        style={[styles.knob, { backgroundColor: color }, held]}
      >
        <Icon name="drag" color={roles.ground} />
      </View>
    </View>
  );
}

const layer = webStyle({ willChange: 'transform' });
const held = webStyle({ touchAction: 'none', cursor: 'ew-resize' });

const styles = StyleSheet.create({
  whole: { position: 'absolute', top: 0, left: 0, width: knob, pointerEvents: 'box-none' },
  line: { position: 'absolute', top: 0, left: (knob - 3) / 2, width: 3, pointerEvents: 'none' },
  knob: {
    position: 'absolute',
    bottom: 0,
    left: 0,
    width: knob,
    height: knob,
    borderRadius: knob / 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
