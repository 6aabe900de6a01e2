export { BottlePlace as default } from '@/features/rack/bottle-place';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
