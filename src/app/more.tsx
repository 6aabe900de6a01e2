export { MoreScreen as default } from '@/features/more/more-screen';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
