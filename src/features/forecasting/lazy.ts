import { chunkPart } from '@/ui/lazy/chunks';

const chart = chunkPart<typeof import('./charts-chunk')>('charts', 'forecasting');
export const ForecastSection = chart('ForecastSection');
export const JarReader = chart('JarReader');
