/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { AmendSheet } from './amend-sheet';
export { LotSheet } from './lot-sheet';
