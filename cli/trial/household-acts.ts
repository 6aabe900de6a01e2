import { litres, type Scene } from './scenes.ts';

/** What a household of the trial does with its bottles, as acts of the journal without their stamps. */

/** Pitched from a jar of bug, which is topped up with water. */
export const pitched = (jar: string, brew: string, celsius: number): readonly object[] => [
  {
    kind: 'transferred',
    from: jar,
    taken: 'liquid',
    celsius,
    targets: [{ lotId: brew, ml: 1000 * litres.draw }],
  },
  { kind: 'portions-added', lotId: jar, portions: [{ what: 'water', ml: 1000 * litres.draw }] },
];

/** A brew of its own, strained off grains that are fed anew. */
export const strained = (
  jar: string,
  ml: number,
  number: number,
  portions: readonly object[],
): readonly object[] => [
  {
    kind: 'transferred',
    from: jar,
    taken: 'liquid',
    targets: [
      {
        ml,
        begin: {
          role: 'brew',
          name: `Kefir ${number}`,
          vessel: { kind: 'jar', ml: 1500 },
          closure: 'loose-lid',
          place: 'counter',
          culture: null,
          recipe: { base: 'mineral-sugar', wantedVolumes: 2.5 },
        },
      },
    ],
  },
  { kind: 'portions-added', lotId: jar, portions },
];

/** A brew filled into glass and, where there is one, a soft pilot, which is the last. @param ml of each bottle */
export function filled(
  brew: string,
  { glass, hasPilot, dose }: Pick<Scene, 'glass' | 'hasPilot' | 'dose'>,
  ml: number,
): object {
  const grams = Math.round((dose * ml) / 100) / 10;
  const bottle = (name: string, kind: 'swing-top' | 'plastic-soda') => ({
    ml,
    ...(grams > 0 ? { portions: [{ what: 'white-sugar', grams }] } : {}),
    begin: {
      role: 'bottle',
      name,
      vessel: { kind, ml: 500 },
      closure: 'sealed',
      place: 'counter',
      culture: null,
    },
  });
  return {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: [
      ...Array.from({ length: glass }, (_, i) => bottle(String(i + 1), 'swing-top')),
      ...(hasPilot ? [bottle('pilot', 'plastic-soda')] : []),
    ],
  };
}
