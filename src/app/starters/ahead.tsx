export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { AheadScreen as default } from '@/features/planning/lazy';
