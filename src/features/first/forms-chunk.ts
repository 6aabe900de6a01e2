/** What this feature puts into the chunk of forms (src/chunks/forms.ts): it shares its guides and recipes. Reached through lazy.ts alone. */
export { FrontDoor } from './front-door';
export { FirstGlassScreen } from './first-glass-screen';
export { WhatNext } from './what-next';
