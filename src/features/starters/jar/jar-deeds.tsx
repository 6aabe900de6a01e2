import Svg, { Line, Path } from 'react-native-svg';
import type { Deed, JarHistory } from '@/core/starter/jar-history';
import { hourScale } from '@/ui/charts/lane-scale';
import { useRoles } from '@/ui/theme/use-roles';
import { hourMs } from '@/core/duration';

const deedHeight = 24;
const marks: Readonly<Record<Deed, (x: number) => string>> = {
  begun: (x) => `M${x - 4} 12 h8 M${x} 8 v8`,
  fed: (x) => `M${x - 5} 17 L${x} 7 L${x + 5} 17 Z`,
  drawn: (x) => `M${x - 5} 7 L${x} 17 L${x + 5} 7 Z`,
  looked: (x) => `M${x - 4} 12 a4 4 0 1 0 8 0 a4 4 0 1 0 -8 0`,
  moved: (x) => `M${x} 6 L${x + 6} 12 L${x} 18 L${x - 6} 12 Z`,
};

/** What was done, on the common clock. */
export function JarDeeds({
  deeds,
  start,
  now,
  toHour,
  width,
}: {
  readonly deeds: JarHistory['deeds'];
  readonly start: number;
  readonly now: number;
  readonly toHour: number;
  readonly width: number;
}) {
  const roles = useRoles();
  const x = hourScale(0, toHour, width);
  const colors: Readonly<Record<Deed, string>> = {
    begun: roles.text,
    fed: roles.starter,
    drawn: roles.brew,
    looked: roles.text,
    moved: roles.bottle,
  };
  return (
    <Svg width={width} height={deedHeight} aria-hidden>
      {deeds
        .filter(({ at }) => at >= start && at <= now)
        .map(({ at, deed, entryId }, i) => (
          <Path
            key={`${entryId}-${i}`}
            d={marks[deed](x((at - start) / hourMs))}
            fill={deed === 'begun' ? 'none' : colors[deed]}
            stroke={colors[deed]}
            strokeWidth={1.5}
          />
        ))}
      <Line
        x1={x((now - start) / hourMs)}
        x2={x((now - start) / hourMs)}
        y1={0}
        y2={deedHeight}
        stroke={roles.text}
        strokeWidth={2}
      />
    </Svg>
  );
}
