import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'workbook');
export const WorkbookScreen = form('WorkbookScreen');
