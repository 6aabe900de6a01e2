export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { BackScreen as default } from '@/features/back/lazy';
