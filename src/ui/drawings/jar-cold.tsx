import { Ellipse, Path } from 'react-native-svg';
import type { JarLook } from './jar-look';

/** Strained whey: clear, yellow-green, a little cloud at the bottom. */
export const clear: JarLook = {
  liquid: (roles) => ({ fill: roles.good, opacity: 0.3 }),
  solids: ({ roles, bottom }) => (
    <Ellipse cx={37} cy={bottom} rx={26} ry={4} fill={roles.foam} opacity={0.7} />
  ),
};

/** A cup of a batch: cloudy, of the colour of a brew. */
export const cloudy: JarLook = {
  liquid: (roles) => ({ fill: roles.brewLiquid, opacity: 0.85 }),
  solids: () => null,
};

/** Sediment: a thick pale layer under a little liquid. */
export const layered: JarLook = {
  liquid: (roles) => ({ fill: roles.brewLiquid, opacity: 0.5 }),
  solids: ({ roles, surface, bottom }) => {
    const top = bottom - 0.45 * (bottom - surface);
    return (
      <Path
        d={`M4 ${top} Q22 ${top - 4} 37 ${top} T70 ${top} V98 H4 Z`}
        fill={roles.foam}
        stroke={roles.starter}
        strokeWidth={1}
      />
    );
  },
};
