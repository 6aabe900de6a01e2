export { BrewsPlace as default } from '@/features/brews/brews-place';
