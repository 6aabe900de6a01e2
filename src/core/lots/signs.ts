/** Signs a maker sees, feels and smells, from least to most: one vocabulary for entries, forecasts and the command line. */
export const lotSigns = {
  foam: ['none', 'some', 'good', 'riding'],
  bubbles: ['none', 'few', 'many'],
  hiss: ['none', 'faint', 'good', 'violent'],
  squeeze: ['soft', 'gives', 'firm', 'rock'],
  lid: ['flexes', 'tight', 'domed'],
  film: ['none', 'thin-white', 'pellicle', 'fuzzy'],
  smell: ['sweet', 'yeasty', 'sour', 'vinegar', 'egg', 'solvent', 'foul'],
  colour: ['usual', 'darker', 'odd'],
  texture: ['thin', 'ropy'],
  clarity: ['clear', 'cloudy'],
  sediment: ['none', 'some', 'thick'],
  grains: ['shrunk', 'mushy', 'plump', 'growing'],
} as const;

export type SignKind = keyof typeof lotSigns;
/** What was seen of a lot: a value for each sign looked for. */
export type Signs = { readonly [K in SignKind]?: (typeof lotSigns)[K][number] | undefined };
export const signKinds = Object.keys(lotSigns) as SignKind[];

/** Signs that mean: throw it out, and clean the jar. */
export const isDiscard = (kind: string, value: string | number): boolean =>
  (kind === 'film' && value === 'fuzzy') ||
  (kind === 'smell' && value === 'foul') ||
  (kind === 'colour' && value === 'odd');
