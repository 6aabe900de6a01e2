export { TodayScreen as default } from '@/features/today/today-screen';
export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';
