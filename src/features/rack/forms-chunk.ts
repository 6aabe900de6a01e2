/** What this feature puts into the chunk of forms (src/chunks/forms.ts). Reached through lazy.ts alone. */
export { FoundOne } from './found-one';
export { PowerCut } from './power-cut';
export { OpeningForm } from './opening-form';
