export { RackScreen as default } from '@/features/rack/rack-screen';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
