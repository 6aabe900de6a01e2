export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { BuildScreen as default } from '@/features/planning/lazy';
