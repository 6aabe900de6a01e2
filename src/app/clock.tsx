export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { ClockScreen as default } from '@/features/clock/lazy';
