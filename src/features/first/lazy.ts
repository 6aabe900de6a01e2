import { chunkPart } from '@/ui/lazy/chunks';

const form = chunkPart<typeof import('./forms-chunk')>('forms', 'first');
export const FrontDoor = form('FrontDoor');
export const FirstGlassScreen = form('FirstGlassScreen');
export const WhatNext = form('WhatNext', null);
