/** Five steps of sweet and sour, in a maker's words. */
export const sweetSteps = [
  { value: 1, label: 'Dry' },
  { value: 2, label: 'A hint sweet' },
  { value: 3, label: 'Balanced' },
  { value: 4, label: 'Sweet' },
  { value: 5, label: 'Syrupy' },
] as const;

export const sourSteps = [
  { value: 1, label: 'Not sour' },
  { value: 2, label: 'Fresh' },
  { value: 3, label: 'Tart' },
  { value: 4, label: 'Sour' },
  { value: 5, label: 'Vinegary' },
] as const;
