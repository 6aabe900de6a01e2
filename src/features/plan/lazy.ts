import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'plan');
export const PlanScreen = form('PlanScreen');
export const BrewDays = form('BrewDays', null);
export const HeldHour = form('HeldHour', null);
export const Reminder = form('Reminder', null);
