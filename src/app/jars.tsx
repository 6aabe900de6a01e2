export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { JarsScreen as default } from '@/features/more/lazy';
