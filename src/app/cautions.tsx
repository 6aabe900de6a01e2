export { CautionsScreen as default } from '@/features/more/cautions-screen';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
