export { StartersPlace as default } from '@/features/starters/starters-place';
