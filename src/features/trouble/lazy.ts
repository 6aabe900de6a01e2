import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'trouble');
export const TroubleScreen = form('TroubleScreen');
