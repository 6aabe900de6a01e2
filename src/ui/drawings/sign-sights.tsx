import type { ReactNode } from 'react';
import { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import type { Roles } from '../theme/roles';
import { scatter } from './scatter';

/** Where the liquid's surface lies in every picture. */
const surface = 26;

/** A slice of the jar: glass, air above, liquid below. */
function Slice({ roles, children }: { readonly roles: Roles; readonly children?: ReactNode }) {
  return (
    <G>
      <Rect x={4} y={4} width={56} height={56} rx={12} fill={roles.glass} />
      <Path d={`M4 ${surface} H60 V48 Q60 60 48 60 H16 Q4 60 4 48 Z`} fill={roles.starterLiquid} />
      {children}
      <Rect x={4} y={4} width={56} height={56} rx={12} fill="none" stroke={roles.text} strokeWidth={2} />
    </G>
  );
}

const blobs = (roles: Roles, size: number, edge: number) =>
  scatter(11).map(({ x, y }, i) => (
    <Ellipse
      key={i}
      cx={11 + x * 42}
      cy={34 + y * 22}
      rx={size * (0.8 + 0.4 * y)}
      ry={size * (0.7 + 0.3 * x)}
      fill={roles.foam}
      stroke={roles.text}
      strokeWidth={edge}
    />
  ));

/** Signs that are seen through the glass. */
export const sights: Readonly<Record<string, (roles: Roles) => ReactNode>> = {
  'no-gas': (roles) => (
    <Slice roles={roles}>
      <Line x1={10} x2={54} y1={surface} y2={surface} stroke={roles.text} strokeWidth={2} />
    </Slice>
  ),
  'good-foam': (roles) => (
    <Slice roles={roles}>
      {scatter(12).map(({ x, y }, i) => (
        <Circle key={i} cx={8 + x * 48} cy={surface + 4 + y * 26} r={1.6 + x} fill={roles.foam} />
      ))}
      {[9, 18, 27, 37, 46, 55].map((x, i) => (
        <Circle
          key={x}
          cx={x}
          cy={surface - 3 - (i % 2) * 4}
          r={6}
          fill={roles.foam}
          stroke={roles.text}
          strokeWidth={1}
        />
      ))}
    </Slice>
  ),
  'white-film': (roles) => (
    <Slice roles={roles}>
      <Path
        d={`M5 ${surface} q6 -5 11 0 t11 0 t11 0 t11 0 t10 0`}
        fill="none"
        stroke={roles.foam}
        strokeWidth={5}
        strokeLinecap="round"
      />
      <Path
        d={`M5 ${surface - 3} q6 -5 11 0 t11 0 t11 0 t11 0 t10 0`}
        fill="none"
        stroke={roles.text}
        strokeWidth={1.2}
      />
    </Slice>
  ),
  pellicle: (roles) => (
    <Slice roles={roles}>
      <Path
        d={`M5 ${surface - 6} Q32 ${surface - 10} 59 ${surface - 6} V${surface + 8} Q32 ${surface + 12} 5 ${surface + 8} Z`}
        fill={roles.foam}
        stroke={roles.text}
        strokeWidth={1.5}
      />
      <Path
        d={`M6 ${surface + 1} Q32 ${surface + 5} 58 ${surface + 1}`}
        fill="none"
        stroke={roles.softText}
      />
    </Slice>
  ),
  fuzz: (roles) => (
    <Slice roles={roles}>
      {[17, 34, 48].map((x) => (
        <Path
          key={x}
          d={`M${x} ${surface} v-13 M${x} ${surface} l-7 -10 M${x} ${surface} l7 -10 M${x} ${surface} l-10 -4 M${x} ${surface} l10 -4`}
          stroke={roles.danger}
          strokeWidth={1.8}
          strokeLinecap="round"
        />
      ))}
    </Slice>
  ),
  'odd-colour': (roles) => (
    <Slice roles={roles}>
      {[
        [18, 30, 7],
        [38, 27, 9],
        [48, 44, 6],
        [24, 47, 5],
      ].map(([x, y, r]) => (
        <G key={x}>
          <Circle cx={x!} cy={y!} r={r!} fill={roles.good} stroke={roles.danger} strokeWidth={2} />
          <Circle cx={x! + 1} cy={y! - 1} r={r! * 0.35} fill={roles.text} />
        </G>
      ))}
    </Slice>
  ),
  slime: (roles) => (
    <Slice roles={roles}>
      <Ellipse cx={32} cy={15} rx={17} ry={6} fill={roles.card} stroke={roles.text} strokeWidth={2} />
      {[22, 32, 42].map((x) => (
        <Path
          key={x}
          d={`M${x} 20 Q${x - 3} 34 ${x} 46 Q${x + 2} 50 ${x} 53`}
          fill="none"
          stroke={roles.starter}
          strokeWidth={3}
          strokeLinecap="round"
        />
      ))}
    </Slice>
  ),
  'plump-grains': (roles) => <Slice roles={roles}>{blobs(roles, 6.4, 1.1)}</Slice>,
  'shrunk-grains': (roles) => <Slice roles={roles}>{blobs(roles, 2.2, 1.1)}</Slice>,
  'mushy-grains': (roles) => (
    <Slice roles={roles}>
      <Path
        d="M8 56 Q6 44 16 46 Q18 36 27 42 Q34 34 40 43 Q50 38 51 47 Q59 48 55 57 Q32 61 8 56 Z"
        fill={roles.foam}
        stroke={roles.text}
        strokeWidth={1.2}
        strokeDasharray="3 3"
      />
    </Slice>
  ),
};
