export { DataScreen as default } from '@/features/data/data-screen';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
