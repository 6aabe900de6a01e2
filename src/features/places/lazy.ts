import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'places');
export const PlacesScreen = form('PlacesScreen');
