import { format } from 'date-fns/format';
import { useRef, useState } from 'react';
import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { onClock } from '@/core/calendar';
import { dayMs } from '@/core/duration';
import { useHold } from '@/ui/controls/use-hold';
import { useKeySteps } from '@/ui/controls/use-key-steps';
import { plain } from '@/ui/theme/type';
import { useRoles } from '@/ui/theme/use-roles';
import { chanceWords } from '@/words/chance';
import { moment } from '@/words/moment';

interface Props {
  /** What is drawn along, for who does not see it. */
  readonly label: string;
  readonly moments: readonly { readonly at: number; readonly chance: number }[];
  /** The one that stands, ms. */
  readonly at: number;
  /** The end of the axis, ms. */
  readonly until: number;
  readonly now: number;
  readonly onMove: (at: number) => void;
}

const height = 76;
const ground = height - 22;
const keys: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -6,
  PageUp: 6,
  Home: -Infinity,
  End: Infinity,
};

/** Moments on an axis, each as high as its chance; the chosen one is drawn along by finger, mouse or keys. */
export function Moments({ label, moments, at, until, now, onMove }: Props) {
  const roles = useRoles();
  const [width, setWidth] = useState(320);
  const element = useRef<View>(null);
  const x = (instant: number) => ((instant - now) / Math.max(dayMs, until - now)) * (width - 16) + 8;
  const index = Math.max(
    0,
    moments.findIndex((each) => each.at >= at),
  );
  const set = (to: number) => {
    const next = moments[Math.min(moments.length - 1, Math.max(0, to))];
    if (next && next.at !== at) onMove(next.at);
  };
  useKeySteps(element, keys, (steps) => set(index + steps));
  const pointer = useHold((pixels) => {
    const nearest = moments
      .map((each, i) => ({ i, off: Math.abs(x(each.at) - pixels) }))
      .sort((a, b) => a.off - b.off)[0];
    if (nearest) set(nearest.i);
  });
  const chosen = moments[index];
  const days = Array.from({ length: Math.ceil((until - now) / dayMs) + 1 }, (_, i) =>
    onClock(now + i * dayMs, 0),
  );
  const every = Math.ceil(days.length / 7);
  return (
    <View
      {...pointer}
      ref={element}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={moments.length - 1}
      aria-valuenow={index}
      aria-valuetext={chosen ? `${moment(chosen.at, now)}, ${chanceWords(chosen.chance)}` : ''}
      onLayout={(event) => setWidth(Math.max(200, event.nativeEvent.layout.width))}
      style={[styles.axis, { backgroundColor: roles.well, touchAction: 'none' }] as StyleProp<ViewStyle>}
    >
      <Svg width={width} height={height} aria-hidden>
        {days.map((day, i) => (
          <G key={day}>
            <Line x1={x(day)} x2={x(day)} y1={4} y2={ground} stroke={roles.hairline} />
            {i % every === 0 && x(day) > 0 && x(day) < width - 40 ? (
              <SvgText x={x(day) + 3} y={height - 6} fontSize={14} fontFamily={plain} fill={roles.text}>
                {format(day, days.length > 7 ? 'd MMM' : 'EEE')}
              </SvgText>
            ) : null}
          </G>
        ))}
        {moments.map((each) => (
          <Rect
            key={each.at}
            x={x(each.at) - 3}
            y={ground - Math.max(3, each.chance * (ground - 8))}
            width={6}
            height={Math.max(3, each.chance * (ground - 8))}
            rx={2}
            fill={each.at === chosen?.at ? roles.brew : roles.good}
            opacity={each.at === chosen?.at ? 1 : 0.55}
          />
        ))}
        {chosen ? (
          <Line x1={x(chosen.at)} x2={x(chosen.at)} y1={2} y2={ground} stroke={roles.brew} strokeWidth={2} />
        ) : null}
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({ axis: { borderRadius: 10, overflow: 'hidden', height } });
