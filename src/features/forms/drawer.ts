/**
 * Everything that needs the validator or the form library, in one chunk that a first visit does not load: what two chunks
 * share would otherwise land in the first load. Reached only through import().
 */
export { parseEntry } from '@/core/journal/entry';
export { readBackup } from '@/core/formats/read-backup';
export { BottleSheet } from '../brews/bottle-sheet';
export { GravitySheet } from '../brews/gravity-sheet';
export { NewBrew } from '../brews/new-brew';
export { PitchSheet } from '../brews/pitch-sheet';
export { OpeningForm } from '../rack/opening-form';
export { FeedSheet } from '../starters/feed-sheet';
export { NewStarter } from '../starters/new-starter';
