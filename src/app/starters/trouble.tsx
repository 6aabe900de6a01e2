export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { TroubleScreen as default } from '@/features/trouble/lazy';
