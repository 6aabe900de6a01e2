export { StartersPlace as default } from '@/features/starters/starters-place';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
