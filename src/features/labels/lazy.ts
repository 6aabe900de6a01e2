import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'labels');
export const LabelsScreen = form('LabelsScreen');
