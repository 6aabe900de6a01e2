export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { FirstGlassScreen as default } from '@/features/first/lazy';
