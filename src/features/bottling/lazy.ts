import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'bottling');
export const BottlingScreen = form('BottlingScreen');
export const StockScreen = form('StockScreen');
