/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { AccountCard } from './account-card';
export { PitchSheet } from './pitch-sheet';
export { NewBrew } from './worktop/new-brew';
