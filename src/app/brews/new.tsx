export { NewBrewPlace as default } from '@/features/brews/brews-place';
