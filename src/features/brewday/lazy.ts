import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'brewday');
export const Bell = form('Bell');
export const DayScreen = form('DayScreen');
export const Tending = form('Tending');
