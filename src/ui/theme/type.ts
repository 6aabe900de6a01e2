import type { TextStyle } from 'react-native';

export const display = 'Bricolage';
export const plain = 'Atkinson';
export const strong = 'AtkinsonStrong';

/** Sizes of type. Reading text is never below 16. */
export const type = {
  title: { fontFamily: display, fontSize: 32, lineHeight: 36 },
  heading: { fontFamily: display, fontSize: 24, lineHeight: 28 },
  subheading: { fontFamily: display, fontSize: 19, lineHeight: 24 },
  figure: { fontFamily: display, fontSize: 32, lineHeight: 36, fontVariant: ['tabular-nums'] },
  /** Read at arm's length, with wet hands. */
  huge: { fontFamily: display, fontSize: 42, lineHeight: 46 },
  large: { fontFamily: plain, fontSize: 23, lineHeight: 31 },
  timer: { fontFamily: display, fontSize: 64, lineHeight: 70, fontVariant: ['tabular-nums'] },
  body: { fontFamily: plain, fontSize: 16, lineHeight: 22 },
  strong: { fontFamily: strong, fontSize: 16, lineHeight: 22 },
  button: { fontFamily: strong, fontSize: 17, lineHeight: 22 },
  /** Units and axis labels only: next to what they measure. */
  label: { fontFamily: plain, fontSize: 14, lineHeight: 18, fontVariant: ['tabular-nums'] },
} as const satisfies Record<string, TextStyle>;

export type TypeName = keyof typeof type;
