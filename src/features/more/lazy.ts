import { later } from '@/ui/lazy/later';

export const JarsScreen = later(async () => (await import('./jars-screen')).JarsScreen);
