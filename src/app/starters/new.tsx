export { NewStarterPlace as default } from '@/features/starters/starters-place';
