import { later } from '../shell/later';

/** To which brews a jar is promised: loaded where a jar is drawn from. */
export const Claims = later(async () => (await import('./claims')).Claims);
