/** What a household of the trial writes of its jar and its brews, as acts of the journal without their stamps. */

/** Of a brew: water, what is drawn of the jar, what a bottle takes, all litres; and bottles of glass beside the pilot. */
export const litres = { water: 2.95, draw: 0.26, bottle: 0.47, glass: 6 } as const;

const onTheCounter = { place: 'counter', culture: null } as const;

/** A new ginger bug. @param celsius as its maker reads the room */
export const begun = (celsius: number): readonly object[] => [
  { kind: 'temperature-set', place: 'counter', celsius },
  {
    kind: 'lot-begun',
    role: 'starter',
    name: 'Jar',
    vessel: { kind: 'jar', ml: 1000 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
    portions: [
      { what: 'water', ml: 700 },
      { what: 'ginger', grams: 35 },
      { what: 'white-sugar', grams: 35 },
    ],
  },
];

/** Sweet ginger tea, not yet pitched. */
export const mixed = (number: number, celsius: number): readonly object[] => [
  { kind: 'temperature-set', place: 'counter', celsius },
  {
    kind: 'lot-begun',
    role: 'brew',
    name: `Batch ${number}`,
    vessel: { kind: 'jar', ml: 4000 },
    closure: 'airlock',
    ...onTheCounter,
    recipe: { base: 'ginger-tea', wantedVolumes: 2.5 },
    portions: [
      { what: 'water', ml: 1000 * litres.water },
      { what: 'white-sugar', grams: 260 },
    ],
  },
];

const bottle = (name: string, kind: 'swing-top' | 'plastic-soda') => ({
  ml: 1000 * litres.bottle,
  begin: { role: 'bottle', name, vessel: { kind, ml: 500 }, closure: 'sealed', ...onTheCounter },
});

/** Pitched from the jar, filled into glass and a soft pilot, and the jar topped up with water. @param filledAt ms */
export const pitchedAndFilled = (
  jar: string,
  brew: string,
  celsius: number,
  filledAt: number,
): readonly object[] => [
  {
    kind: 'transferred',
    from: jar,
    taken: 'liquid',
    celsius,
    targets: [{ lotId: brew, ml: 1000 * litres.draw }],
  },
  {
    kind: 'transferred',
    at: filledAt,
    from: brew,
    taken: 'liquid',
    targets: [
      ...Array.from({ length: litres.glass }, (_, i) => bottle(String(i + 1), 'swing-top')),
      bottle('pilot', 'plastic-soda'),
    ],
  },
  {
    kind: 'portions-added',
    at: filledAt,
    lotId: jar,
    portions: [{ what: 'water', ml: 1000 * litres.draw }],
  },
];
