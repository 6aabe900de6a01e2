/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { AheadScreen } from './ahead-screen';
export { BuildScreen } from './build-screen';
