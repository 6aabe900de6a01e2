import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'planning');
export const AheadScreen = form('AheadScreen');
export const BuildScreen = form('BuildScreen');
