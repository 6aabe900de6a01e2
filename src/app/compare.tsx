export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { CompareScreen as default } from '@/features/compare/lazy';
