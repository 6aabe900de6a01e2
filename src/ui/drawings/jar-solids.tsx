import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { clear, cloudy, layered } from './jar-cold';
import type { JarInside, JarLook } from './jar-look';
import { scatter } from './scatter';

/** How far up something rides: at the bottom when asleep, through the jar when lively. */
const heightOf = ({ surface, bottom, liveliness }: JarInside, share: number): number =>
  bottom -
  3 -
  (bottom - 6 - surface) * (liveliness > 0.6 ? 1 - share * 0.55 : share * (0.12 + 0.6 * liveliness));

const slices: JarLook = {
  liquid: (roles) => ({ fill: roles.starterLiquid, opacity: 1 }),
  solids: (inside) =>
    scatter(16).map(({ x, y }, i) => {
      const [cx, cy] = [9 + x * 56, heightOf(inside, y)];
      return (
        <Ellipse
          key={i}
          cx={cx}
          cy={cy}
          rx={3.6}
          ry={1.7}
          transform={`rotate(${x * 180} ${cx} ${cy})`}
          fill={inside.roles.starter}
          opacity={0.75}
        />
      );
    }),
};

/** Grains lie in a heap; lively ones are lifted by their gas. */
const grains: JarLook = {
  liquid: (roles) => ({ fill: roles.starterLiquid, opacity: 0.5 }),
  solids: ({ roles, bottom, surface, liveliness }) =>
    scatter(34).map(({ x, y }, i) => {
      const rises = liveliness > 0.6 && i % 4 === 0;
      const cy = rises ? surface + 4 + y * (bottom - surface - 12) : bottom - 2 - y * y * 17;
      return (
        <Ellipse
          key={i}
          cx={8 + x * 58}
          cy={cy}
          rx={2.9}
          ry={2.4}
          fill={roles.foam}
          stroke={roles.text}
          strokeWidth={0.6}
        />
      );
    }),
};

const petals: JarLook = {
  liquid: (roles) => ({ fill: roles.brewLiquid, opacity: 0.55 }),
  solids: (inside) =>
    scatter(14).map(({ x, y }, i) => {
      const [cx, cy] = [10 + x * 54, heightOf(inside, y * 0.9)];
      return (
        <G key={i} fill={inside.roles.brew} opacity={0.85}>
          {[0, 72, 144, 216, 288].map((turn) => (
            <Ellipse
              key={turn}
              cx={cx}
              cy={cy - 2.2}
              rx={1.2}
              ry={2.1}
              transform={`rotate(${turn + x * 70} ${cx} ${cy})`}
            />
          ))}
          <Circle cx={cx} cy={cy} r={1} fill={inside.roles.foam} />
        </G>
      );
    }),
};

/** A skin that floats; threads hang from it when it is lively. */
const pellicle: JarLook = {
  liquid: (roles) => ({ fill: roles.starter, opacity: 0.75 }),
  solids: ({ roles, surface, liveliness }) => (
    <G>
      <Path
        d={`M4 ${surface + 1} Q37 ${surface - 3} 70 ${surface + 1} V${surface + 8} Q37 ${surface + 13} 4 ${surface + 8} Z`}
        fill={roles.foam}
        stroke={roles.text}
        strokeWidth={1}
      />
      {scatter(Math.round(liveliness * 9)).map(({ x, y }, i) => (
        <Path
          key={i}
          d={`M${9 + x * 56} ${surface + 10} q-2 ${6 + y * 8} 1 ${12 + y * 16}`}
          fill="none"
          stroke={roles.foam}
          strokeWidth={1.4}
          opacity={0.8}
        />
      ))}
    </G>
  ),
};

const looks: Readonly<Record<string, JarLook>> = {
  'ginger-bug': slices,
  'water-kefir-grains': grains,
  wild: petals,
  'tea-mother': pellicle,
  whey: clear,
  'last-batch': cloudy,
  sediment: layered,
};

/** The look of a kind; one that has no drawing of its own looks like plant in sugar water. */
export const jarLook = (culture: string | null): JarLook => looks[culture ?? ''] ?? slices;
