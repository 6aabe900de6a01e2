export { BottlePlace as default } from '@/features/rack/bottle-place';
