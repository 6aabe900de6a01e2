export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { StockScreen as default } from '@/features/bottling/lazy';
