import type { ReactNode } from 'react';
import { Ellipse, G, Line, Path } from 'react-native-svg';
import type { Roles } from '../theme/roles';

/** The mouth of a jar, and what rises from it. */
export function Mouth({ roles, children }: { readonly roles: Roles; readonly children: ReactNode }) {
  return (
    <G>
      <Path d="M8 44 V54 Q8 60 14 60 H50 Q56 60 56 54 V44" fill={roles.starterLiquid} />
      <Ellipse cx={32} cy={44} rx={24} ry={5} fill={roles.glass} stroke={roles.text} strokeWidth={2} />
      <Path d="M8 44 V54 Q8 60 14 60 H50 Q56 60 56 54 V44" fill="none" stroke={roles.text} strokeWidth={2} />
      {[20, 44].map((x) => (
        <Path
          key={x}
          d={`M${x} 38 q-4 -5 0 -10 q4 -5 0 -10`}
          fill="none"
          stroke={roles.softText}
          strokeWidth={2}
          strokeLinecap="round"
        />
      ))}
      {children}
    </G>
  );
}

/** Signs that rise from the mouth of the jar. */
export const smells: Readonly<Record<string, (roles: Roles) => ReactNode>> = {
  'still-sweet': (roles) => (
    <Path
      d="M26 12 l8 -4 8 4 v9 l-8 4 -8 -4 Z M26 12 l8 4 8 -4 M34 16 v9"
      fill={roles.card}
      stroke={roles.text}
      strokeWidth={1.8}
    />
  ),
  vinegar: (roles) => (
    <Path
      d="M32 6 Q42 18 40 24 Q38 31 32 31 Q26 31 24 24 Q22 18 32 6 Z"
      fill={roles.warning}
      stroke={roles.text}
      strokeWidth={1.8}
    />
  ),
  yeasty: (roles) => (
    <Path
      d="M22 28 V18 Q20 9 32 9 Q44 9 42 18 V28 Z M28 14 l3 4 M35 14 l3 4"
      fill={roles.starter}
      stroke={roles.text}
      strokeWidth={1.8}
    />
  ),
  egg: (roles) => (
    <G>
      <Ellipse cx={32} cy={20} rx={9} ry={12} fill={roles.foam} stroke={roles.text} strokeWidth={1.8} />
      <Path d="M23 21 l5 -3 4 4 4 -4 5 3" fill="none" stroke={roles.text} strokeWidth={1.8} />
    </G>
  ),
  solvent: (roles) => (
    <Path
      d="M27 32 V19 Q27 15 30 14 V6 H34 V14 Q37 15 37 19 V32 Z M27 23 H37"
      fill={roles.brewLiquid}
      stroke={roles.text}
      strokeWidth={1.8}
    />
  ),
  foul: (roles) => (
    <G stroke={roles.danger} strokeWidth={3} strokeLinecap="round">
      <Line x1={24} y1={10} x2={40} y2={28} />
      <Line x1={40} y1={10} x2={24} y2={28} />
    </G>
  ),
};
