import { later } from '../shell/later';

/** The foot of a lot's page, loaded when the page is there: nobody reads it first. */
export const LotExtras = later(async () => (await import('./lot-extras')).LotExtras);
