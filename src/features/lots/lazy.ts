import { chunkPart } from '@/ui/lazy/chunks';
import { later } from '@/ui/lazy/later';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'lots');
export const AmendSheet = form('AmendSheet', null);
export const LotSheet = form('LotSheet', null);

/** The foot of a lot’s page, loaded when the page is there: nobody reads it first. */
export const LotExtras = later(async () => (await import('./lot-extras')).LotExtras);
