export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { BottlingScreen as default } from '@/features/bottling/lazy';
