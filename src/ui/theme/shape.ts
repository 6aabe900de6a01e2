/** Uneven corners, as if cut by hand: top left, top right, bottom right, bottom left. */
export const corners = {
  card: {
    borderTopLeftRadius: 6,
    borderTopRightRadius: 24,
    borderBottomRightRadius: 6,
    borderBottomLeftRadius: 24,
  },
  button: {
    borderTopLeftRadius: 18,
    borderTopRightRadius: 6,
    borderBottomRightRadius: 18,
    borderBottomLeftRadius: 12,
  },
  note: {
    borderTopLeftRadius: 18,
    borderTopRightRadius: 18,
    borderBottomRightRadius: 6,
    borderBottomLeftRadius: 18,
  },
  pill: { borderRadius: 26 },
} as const;

export const gap = { hair: 4, small: 8, medium: 12, large: 16, huge: 24 } as const;

/** Smallest thing a wet finger should have to hit. */
export const touch = 48;

/** From this width on: rail, list and detail. */
export const wideFrom = 1024;
