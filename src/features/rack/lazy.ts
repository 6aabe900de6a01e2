import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'rack');
export const FoundOne = form('FoundOne');
export const PowerCut = form('PowerCut');
export const OpeningForm = form('OpeningForm');
