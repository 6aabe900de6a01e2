export { NewStarterPlace as default } from '@/features/shell/places';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
