/** A drawing with a label is a picture to a screen reader; without one it only decorates what is already said. */
export const pictured = (label: string) =>
  label === '' ? ({ 'aria-hidden': true } as const) : ({ role: 'img', 'aria-label': label } as const);
