export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { PlanScreen as default } from '@/features/plan/lazy';
