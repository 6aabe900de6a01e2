import type { Where } from './pour-form';
import { t } from '@/core/language/t';

/** What is taken out of a vessel, and where it goes, as the sheet offers it. */
export const takens = [
  { value: 'liquid', label: t`Liquid` },
  { value: 'everything', label: t`With its solids` },
  { value: 'solids', label: t`Solids: fruit, grains` },
  { value: 'sediment', label: t`Sediment` },
] as const;

export const wheres: readonly { readonly value: Where; readonly label: string }[] = [
  { value: 'bottles', label: t`Bottles` },
  { value: 'lot', label: t`A jar that is there` },
  { value: 'jar', label: t`A new jar` },
  { value: 'drunk', label: t`Drunk` },
  { value: 'away', label: t`Away` },
];
