import { chunkPart } from '@/ui/lazy/chunks';
import { later } from '@/ui/lazy/later';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'starters');
export const PacketDose = form('PacketDose');
export const BeginningGuide = form('BeginningGuide');
export const FirstDraw = form('FirstDraw');
export const BeginScreen = form('BeginScreen');

const chart = chunkPart<typeof import('./charts-chunk')>('charts', 'starters');
export const JarChart = chart('JarChart');

export const CareScreen = later(async () => (await import('./jar/care-screen')).CareScreen);
export const CareNotes = later(async () => (await import('./jar/care-screen')).CareNotes);
export const StarterDetail = later(async () => (await import('./jar/starter-detail')).StarterDetail);
export const PacketDetail = later(async () => (await import('./packet/packet-detail')).PacketDetail);
/** To which brews a jar is promised: loaded where a jar is drawn from. */
export const Claims = later(async () => (await import('./jar/claims')).Claims);
