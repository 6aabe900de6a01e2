import type { Lot } from '@/core/lots/lot';

const places = { starter: 'starters', brew: 'brews', bottle: 'bottles' } as const;

/** The address of a lot's page. */
export const hrefOf = (lot: Pick<Lot, 'id' | 'role'>): string => `/${places[lot.role]}/${lot.id}`;
