import type { Where } from './pour-form';

/** What is taken out of a vessel, and where it goes, as the sheet offers it. */
export const takens = [
  { value: 'liquid', label: 'Liquid' },
  { value: 'everything', label: 'With its solids' },
  { value: 'solids', label: 'Solids: fruit, grains' },
  { value: 'sediment', label: 'Sediment' },
] as const;

export const wheres: readonly { readonly value: Where; readonly label: string }[] = [
  { value: 'bottles', label: 'Bottles' },
  { value: 'lot', label: 'A jar that is there' },
  { value: 'jar', label: 'A new jar' },
  { value: 'drunk', label: 'Drunk' },
  { value: 'away', label: 'Away' },
];
