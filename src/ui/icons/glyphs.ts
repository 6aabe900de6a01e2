/** Our own icons, drawn on a 24 × 24 grid with a 1.8 stroke. */
export const glyphs = {
  today: 'M2.5 12.5h4l2.4-6.5 4 12 2.6-7.5 1.3 2h4.7',
  starters:
    'M7 4h10M8 4v3.2C5.8 8 5 9.2 5 11v7.5A2.5 2.5 0 0 0 7.5 21h9a2.5 2.5 0 0 0 2.5-2.5V11c0-1.8-.8-3-3-3.8V4M5 13.5h14',
  brews: 'M2.5 19.5h19M3 19c5.5 0 5.5-13.5 9-13.5S15.5 19 21 19',
  rack: 'M6 3v4.5L4.2 11v9.5h5.600V11L8 7.5V3M16 3v4.5l-1.8 3.5v9.5h5.600V11L18 7.5V3M5.5 3h3M15.5 3h3',
  plan: 'M4.5 6h15v14h-15zM4.5 10.5h15M8.5 3.5v4M15.5 3.5v4M8.5 15.5l2.4 2 4.4-4.5',
  more: 'M5 7h14M5 12h9M5 17h14',
  back: 'M15 5l-7 7 7 7',
  next: 'M9 5l7 7-7 7',
  find: 'M10.5 17a6.5 6.5 0 1 1 0-13 6.5 6.5 0 0 1 0 13zM15.3 15.3L20.5 20.5',
  close: 'M6 6l12 12M18 6L6 18',
  check: 'M5 12.5l4.5 4.5L19 7.5',
  plus: 'M12 5v14M5 12h14',
  minus: 'M5 12h14',
  undo: 'M8 5L4 9l4 4M4.5 9H14a5.5 5.5 0 0 1 0 11H9',
  drag: 'M9 7l-5 5 5 5M15 7l5 5-5 5',
  caution: 'M12 4L2.8 20h18.400L12 4zM12 10v5M12 17.2v.6',
  why: 'M12 21a9 9 0 1 1 0-18 9 9 0 0 1 0 18zM9.600 9.500a2.500 2.500 0 1 1 3.600 2.200c-.8.4-1.200.9-1.200 1.800M12 16.600v.3',
  edit: 'M4 20h4L19 9l-4-4L4 16v4zM13 7l4 4',
  cold: 'M12 3v18M4.2 7.5l15.6 9M19.8 7.5l-15.6 9',
} as const;

export type GlyphName = keyof typeof glyphs;
