import { chunkPart } from '@/ui/lazy/chunks';
import { later } from '@/ui/lazy/later';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'brews');
export const AccountCard = form('AccountCard');
export const PitchSheet = form('PitchSheet', null);
export const NewBrew = form('NewBrew');

export const SecondRun = later(async () => (await import('./second-run')).SecondRun);
