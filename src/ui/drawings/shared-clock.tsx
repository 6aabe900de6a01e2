import { useRef, useState, type ReactNode } from 'react';
import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { useHold } from '../controls/use-hold';
import { useKeySteps } from '../controls/use-key-steps';
import { useRoles } from '../theme/use-roles';
import { ClockTicks } from './clock-ticks';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly start: number;
  readonly end: number;
  readonly now: number;
  readonly nights: readonly (readonly [number, number])[];
  /** The moment that is read, ms. */
  readonly at: number;
  readonly atWords: string;
  readonly onAt: (at: number) => void;
  /** Room at the left for the names of rows, px; 0 when they stand above their ribbons. */
  readonly names: number;
  readonly children: ReactNode;
}

const quarter = hourMs / 4;
const steps: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -12,
  PageUp: 12,
};

/** One time axis for many rows: nights shaded through all, now as one line, and a moment that is drawn along the axis. */
export function SharedClock(props: Props) {
  const { start, end, now, nights, at, atWords, onAt, names, children } = props;
  const roles = useRoles();
  const [width, setWidth] = useState(320);
  const element = useRef<View>(null);
  const x = (instant: number) => ((Math.min(end, Math.max(start, instant)) - start) / (end - start)) * width;
  const set = (to: number) => onAt(Math.min(end, Math.max(start, Math.round(to / quarter) * quarter)));
  useKeySteps(element, steps, (hours) => set(at + hours * hourMs));
  const pointer = useHold((pixels) => set(start + (pixels / width) * (end - start)));
  return (
    <View>
      <View
        {...pointer}
        ref={element}
        role="slider"
        tabIndex={0}
        aria-label={t`A moment on the kitchen’s clock`}
        aria-valuenow={Math.round((at - now) / hourMs)}
        aria-valuemin={Math.round((start - now) / hourMs)}
        aria-valuemax={Math.round((end - now) / hourMs)}
        aria-valuetext={atWords}
        onLayout={(event) => setWidth(Math.max(160, event.nativeEvent.layout.width))}
        style={
          [
            styles.axis,
            { marginLeft: names, backgroundColor: roles.well, touchAction: 'none', cursor: 'ew-resize' },
          ] as StyleProp<ViewStyle>
        }
      >
        <ClockTicks start={start} end={end} now={now} x={x} top={3} />
        <View
          style={[styles.knob, { left: x(at) - 8, borderColor: roles.brew, backgroundColor: roles.card }]}
        />
      </View>
      <View>
        <View style={[styles.behind, { left: names }]} aria-hidden>
          {nights.map(([from, to]) => (
            <View
              key={from}
              style={[styles.night, { left: x(from), width: x(to) - x(from), backgroundColor: roles.well }]}
            />
          ))}
        </View>
        {children}
        <View style={[styles.behind, { left: names }]} aria-hidden>
          <View style={[styles.line, { left: x(now) - 1, backgroundColor: roles.text }]} />
          <View style={[styles.line, { left: x(at) - 1, backgroundColor: roles.brew }]} />
        </View>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  axis: { height: 48, borderTopLeftRadius: 6, borderTopRightRadius: 18, overflow: 'hidden' },
  knob: { position: 'absolute', bottom: 2, width: 16, height: 20, borderWidth: 3, borderRadius: 5 },
  behind: { position: 'absolute', top: 0, right: 0, bottom: 0, pointerEvents: 'none' },
  night: { position: 'absolute', top: 0, bottom: 0, opacity: 0.75 },
  line: { position: 'absolute', top: 0, bottom: 0, width: 2 },
});
