export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { DayScreen as default } from '@/features/brewday/lazy';
