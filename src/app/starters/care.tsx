export { PageFault as ErrorBoundary } from '@/features/shell/page-fault';

export { CareScreen as default } from '@/features/starters/lazy';
